-- For those who measure alone.
alter table client add column if not exists health_note varchar(2000) default '' not null;
