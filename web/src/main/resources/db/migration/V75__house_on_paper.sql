-- Whether a sum over its tolerance closes a gate, as where sums are done by hand.
alter table house add column if not exists on_paper boolean default false not null;
