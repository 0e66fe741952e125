-- Tokens without an end get a year from when they were made.
update api_token set ends_at = dateadd(year, 1, made_at) where ends_at is null;
