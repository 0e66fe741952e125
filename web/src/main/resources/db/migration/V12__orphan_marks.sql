delete from mark_set where not exists (select 1 from garment_order where garment_order.id = mark_set.order_id);
