-- The day by which an open order waits for somebody; null where it waits for nobody.
alter table garment_order add column if not exists queue_on date;
