-- Photographs of a person, with the order they were taken for; of one that was deleted only who did it and when is left.
create table if not exists photograph (
    id varchar(20) primary key,
    order_id varchar(20) not null references garment_order (id) on delete cascade,
    seen_from varchar(10) not null,
    jpeg blob not null,
    width integer not null,
    height integer not null,
    added_at timestamp with time zone not null,
    added_by varchar(60) not null,
    deleted_at timestamp with time zone,
    deleted_by varchar(60)
);
