-- How old a value may be, as each change left it.
alter table house_change add column if not exists fresh_months integer;
