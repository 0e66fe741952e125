-- By which tables an order is cut: those that stood when it was opened, until somebody says otherwise.
alter table garment_order add column if not exists tables integer default 1 not null;
