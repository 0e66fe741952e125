-- How old a value of a body may be before it is taken anew, of whoever still grows.
alter table house add column if not exists fresh_weeks integer default 6 not null;
