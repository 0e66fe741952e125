-- What was cut from: every cut sheet that was printed, as it was, with the numbers, lines and choices it was made of.
create table if not exists cut_spec (
    id varchar(20) primary key,
    order_id varchar(20) not null references garment_order (id) on delete cascade,
    made_at timestamp with time zone not null,
    made_by varchar(60) not null,
    form varchar(80) not null,
    release varchar(40) not null,
    choices varchar(2000) not null,
    document varchar(1000000) not null,
    page varchar(1000000) not null,
    hash varchar(64) not null
);
create index if not exists cut_spec_order on cut_spec (order_id, made_at);
