-- Lengths of garments that fit a client, as they were read off the garment: never values of the body.
create table if not exists garment_value (
    id varchar(20) primary key,
    client_id varchar(20) not null references client (id) on delete cascade,
    garment varchar(60) not null,
    what varchar(20) not null,
    text varchar(100) not null,
    unit varchar(4) not null,
    nanometres bigint not null,
    read_at timestamp with time zone not null,
    read_by varchar(60) not null,
    struck_at timestamp with time zone,
    struck_by varchar(60)
);
