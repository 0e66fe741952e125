delete from gate_pass where not exists (select 1 from garment_order where garment_order.id = gate_pass.order_id);
