-- What was worn under the tape; null where its step says nothing of it.
alter table reading add column if not exists worn varchar(20);
