-- When a body was said to have changed, as each change left it.
alter table client_change add column if not exists body_changed_at timestamp with time zone;
