-- How sure whoever took it was.
alter table reading add column if not exists doubt varchar(10) default 'SURE' not null;
