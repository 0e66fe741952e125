create index if not exists client_sort_name on client (sort_name, id);
