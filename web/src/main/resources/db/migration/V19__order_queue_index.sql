create index if not exists garment_order_queue on garment_order (queue_on, number);
