create index if not exists client_created on client (created_at, id);
