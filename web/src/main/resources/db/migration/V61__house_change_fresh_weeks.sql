-- How old a value of the young may be, as each change left it.
alter table house_change add column if not exists fresh_weeks integer;
