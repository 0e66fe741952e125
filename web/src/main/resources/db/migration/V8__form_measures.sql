-- What was known of a form's measures when sheets were taken with it: lines of the catalogue.
alter table form_version add column if not exists measures varchar(100000);
