alter table account add column if not exists locked boolean default false not null;
