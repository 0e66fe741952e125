-- What is usual in the house, as each change left it.
create table if not exists house_change (
    id integer not null,
    rev bigint not null references revision (id),
    revtype tinyint not null,
    name varchar(120),
    address varchar(500),
    paper varchar(10),
    unit varchar(4),
    consent varchar(1000),
    keep_months integer,
    primary key (id, rev)
);
