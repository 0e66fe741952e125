-- Which taking of its value a reading belongs to: what a step keeps is settled from its newest.
alter table reading add column if not exists round integer default 1 not null;
