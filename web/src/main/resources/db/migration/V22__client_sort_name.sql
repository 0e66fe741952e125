-- The name as it is sorted and found: small letters without marks. Empty until it is made.
alter table client add column if not exists sort_name varchar(240) default '' not null;
