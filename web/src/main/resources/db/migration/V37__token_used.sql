alter table api_token add column if not exists used_at timestamp with time zone;
