-- A reading that was known before: the order on whose sheet it was written.
alter table reading add column if not exists from_order varchar(20);
