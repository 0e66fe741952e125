-- The day on which the client was measured last.
alter table client add column if not exists seen_on date;
