-- The same, as each change left it.
alter table client_change add column if not exists differs varchar(120);
