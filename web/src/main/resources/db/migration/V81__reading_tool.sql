-- What was read with besides the tape.
alter table reading add column if not exists tool varchar(60);
