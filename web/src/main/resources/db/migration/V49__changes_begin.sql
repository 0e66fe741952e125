-- What was there when changes began to be written down.
insert into revision (id, made_at, made_by) select 0, 0, '' where not exists (select 1 from revision where id = 0);
