-- The number that was given to an order last. One row, locked while the next is given: two people who open orders at the
-- same moment get two numbers.
create table if not exists order_number (
    id integer primary key,
    given integer not null
);
insert into order_number (id, given)
    select 1, coalesce(max(number), 200) from garment_order having not exists (select 1 from order_number);
