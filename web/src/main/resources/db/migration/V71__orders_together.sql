-- Sheets that are measured in one visit for one order: they name the first of them.
alter table garment_order add column if not exists together varchar(20);
