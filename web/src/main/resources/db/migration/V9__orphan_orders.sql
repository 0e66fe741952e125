-- An order whose client was deleted in the moment it was opened belongs to nobody.
delete from garment_order where not exists (select 1 from client where client.id = garment_order.client_id);
