-- Where the number comes from.
alter table reading add column if not exists origin varchar(12) default 'BODY' not null;
