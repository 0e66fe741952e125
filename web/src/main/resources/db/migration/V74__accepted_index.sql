create index if not exists accepted_order on accepted (order_id);
