create index if not exists client_seen_on on client (seen_on, id);
