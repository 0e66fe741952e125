insert into garment_order_change (id, rev, revtype, client_id, title, form, form_version, unit, stage, needed_on, notes, added, options, choices)
select id, 0, 0, client_id, title, form, form_version, unit, stage, needed_on, notes, added, options, choices from garment_order o
where not exists (select 1 from garment_order_change x where x.id = o.id);
