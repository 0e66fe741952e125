-- When a client last said that the body has changed: what was read before is of another body.
alter table client add column if not exists body_changed_at timestamp with time zone;
