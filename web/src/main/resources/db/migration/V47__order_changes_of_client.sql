create index if not exists garment_order_change_client on garment_order_change (client_id);
