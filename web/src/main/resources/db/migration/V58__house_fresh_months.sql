-- How old a value of a body may be before it is taken anew, of the grown.
alter table house add column if not exists fresh_months integer default 6 not null;
