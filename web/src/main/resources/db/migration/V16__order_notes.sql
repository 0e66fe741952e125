alter table garment_order add column if not exists notes varchar(4000) default '' not null;
