alter table api_token add column if not exists ends_at timestamp with time zone;
