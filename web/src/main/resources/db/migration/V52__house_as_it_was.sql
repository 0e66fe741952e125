insert into house_change (id, rev, revtype, name, address, paper, unit, consent, keep_months)
select id, 0, 0, name, address, paper, unit, consent, keep_months from house h
where not exists (select 1 from house_change x where x.id = h.id);
