-- In what a client's body is not to be compared with most others, as words.
alter table client add column if not exists differs varchar(120) default '' not null;
