create table if not exists gate_pass (
    id varchar(20) primary key,
    order_id varchar(20) not null references garment_order (id) on delete cascade,
    part varchar(20) not null,
    question varchar(400) not null,
    passed_at timestamp with time zone not null,
    passed_by varchar(60) not null
);
