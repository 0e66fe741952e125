-- What people took as it is on a sheet, with a reason. Rows are only added, or taken back.
create table if not exists accepted (
    id varchar(20) primary key,
    order_id varchar(20) not null references garment_order (id) on delete cascade,
    rule varchar(40) not null,
    about varchar(400) not null,
    resting varchar(4000) not null,
    sentence varchar(600) not null,
    reason varchar(200) not null,
    said_at timestamp with time zone not null,
    said_by varchar(60) not null,
    taken_back_at timestamp with time zone,
    taken_back_by varchar(60)
);
