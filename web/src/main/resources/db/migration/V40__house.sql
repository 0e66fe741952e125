-- What the house calls itself and what is usual here: one row.
create table if not exists house (
    id integer primary key,
    name varchar(120) not null,
    address varchar(500) not null,
    paper varchar(10) not null,
    unit varchar(4) not null,
    consent varchar(1000) not null,
    keep_months integer not null,
    version bigint not null
);
