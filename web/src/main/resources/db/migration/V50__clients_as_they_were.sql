insert into client_change (id, rev, revtype, name, handedness, age_group, notes, health_note, consented_on)
select id, 0, 0, name, handedness, age_group, notes, health_note, consented_on from client c
where not exists (select 1 from client_change x where x.id = c.id);
