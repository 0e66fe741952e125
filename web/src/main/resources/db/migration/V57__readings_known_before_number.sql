-- The number of the order on whose sheet a reading was written before.
alter table reading add column if not exists from_number integer;
