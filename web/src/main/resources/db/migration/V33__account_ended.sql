-- Whoever signed in before this moment is signed out.
alter table account add column if not exists ended_at timestamp with time zone;
