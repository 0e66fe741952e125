delete from reading where not exists (select 1 from garment_order where garment_order.id = reading.order_id);
