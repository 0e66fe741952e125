-- An order as each change left it.
create table if not exists garment_order_change (
    id varchar(20) not null,
    rev bigint not null references revision (id),
    revtype tinyint not null,
    client_id varchar(20),
    title varchar(120),
    form varchar(60),
    form_version integer,
    unit varchar(4),
    stage varchar(20),
    needed_on date,
    notes varchar(4000),
    added varchar(400),
    options varchar(2000),
    choices varchar(2000),
    primary key (id, rev)
);
