create index if not exists photograph_order on photograph (order_id);
