create index if not exists garment_value_client on garment_value (client_id);
