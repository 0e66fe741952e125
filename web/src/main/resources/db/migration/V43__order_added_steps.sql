alter table garment_order add column if not exists added varchar(400) default '' not null;
