-- Whose hand took it.
alter table reading add column if not exists hand varchar(10) default 'TRAINED' not null;
