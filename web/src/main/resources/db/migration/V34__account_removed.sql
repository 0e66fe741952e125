-- People who are gone keep their name under what they did.
alter table account add column if not exists removed_at timestamp with time zone;
