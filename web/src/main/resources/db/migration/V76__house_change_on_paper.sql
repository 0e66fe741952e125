-- How sums are judged, as each change left it.
alter table house_change add column if not exists on_paper boolean;
