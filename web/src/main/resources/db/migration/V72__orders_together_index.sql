create index if not exists garment_order_together on garment_order (together);
