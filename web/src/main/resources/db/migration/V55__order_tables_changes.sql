alter table garment_order_change add column if not exists tables integer;
