create index if not exists garment_order_stage on garment_order (stage, number);
