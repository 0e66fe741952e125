create table if not exists left_out (
    id varchar(20) primary key,
    order_id varchar(20) not null references garment_order (id) on delete cascade,
    step varchar(20) not null,
    side varchar(5),
    why varchar(20) not null,
    note varchar(200) not null,
    said_at timestamp with time zone not null,
    said_by varchar(60) not null,
    taken_back_at timestamp with time zone,
    taken_back_by varchar(60)
);
create index if not exists left_out_order on left_out (order_id);
