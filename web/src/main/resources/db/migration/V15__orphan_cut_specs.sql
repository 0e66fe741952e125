delete from cut_spec where not exists (select 1 from garment_order where garment_order.id = cut_spec.order_id);
