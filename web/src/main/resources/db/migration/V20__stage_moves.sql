-- How orders were moved, by whom and why. Rows are only ever added.
create table if not exists stage_move (
    id varchar(20) primary key,
    order_id varchar(20) not null references garment_order (id) on delete cascade,
    from_stage varchar(20) not null,
    to_stage varchar(20) not null,
    reason varchar(200) not null,
    moved_at timestamp with time zone not null,
    moved_by varchar(60) not null
);
