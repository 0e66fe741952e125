-- Accounts, clients, orders and what the tape said. Readings and strikes are only ever added.
create table if not exists account (
    name varchar(60) primary key,
    display_name varchar(120) not null,
    password varchar(200) not null,
    role varchar(20) not null
);

create table if not exists client (
    id varchar(20) primary key,
    name varchar(120) not null,
    handedness varchar(10) not null,
    age_group varchar(10) not null,
    notes varchar(2000) not null,
    created_at timestamp with time zone not null,
    created_by varchar(60) not null,
    version bigint not null
);
create index if not exists client_name on client (name);

create table if not exists garment_order (
    id varchar(20) primary key,
    number integer not null unique,
    client_id varchar(20) not null references client (id) on delete cascade,
    title varchar(120) not null,
    form varchar(60) not null,
    form_version integer not null,
    unit varchar(4) not null,
    stage varchar(20) not null,
    needed_on date,
    options varchar(2000) not null,
    choices varchar(2000) not null,
    created_at timestamp with time zone not null,
    created_by varchar(60) not null,
    version bigint not null
);
create index if not exists garment_order_client on garment_order (client_id);

create table if not exists reading (
    id varchar(20) primary key,
    order_id varchar(20) not null references garment_order (id) on delete cascade,
    position integer not null,
    step varchar(20) not null,
    side varchar(10),
    text varchar(100) not null,
    nanometres bigint,
    play varchar(20) not null,
    taken_at timestamp with time zone not null,
    taken_by varchar(60) not null,
    aid varchar(60),
    client_key varchar(60),
    unique (order_id, position),
    unique (order_id, client_key)
);

create table if not exists strike (
    reading_id varchar(20) primary key references reading (id) on delete cascade,
    reason varchar(200) not null,
    struck_at timestamp with time zone not null,
    struck_by varchar(60) not null
);

create table if not exists mark_set (
    id varchar(20) primary key,
    order_id varchar(20) not null references garment_order (id) on delete cascade,
    step varchar(20) not null,
    set_at timestamp with time zone not null,
    set_by varchar(60) not null
);
create index if not exists mark_set_order on mark_set (order_id);
