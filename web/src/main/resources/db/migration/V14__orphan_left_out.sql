delete from left_out where not exists (select 1 from garment_order where garment_order.id = left_out.order_id);
