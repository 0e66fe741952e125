-- It stands in its parts.
alter table reading drop column if exists aid
