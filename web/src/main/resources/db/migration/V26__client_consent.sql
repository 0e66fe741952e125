-- The day on which the client agreed to what is kept.
alter table client add column if not exists consented_on date;
