update client set seen_on = (select cast(max(r.taken_at) as date) from reading r join garment_order o on o.id = r.order_id
    where o.client_id = client.id) where seen_on is null;
