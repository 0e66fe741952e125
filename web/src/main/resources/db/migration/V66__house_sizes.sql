-- Tables of the house's own sizes, as they are typed.
create table if not exists size_table (
    id varchar(20) primary key,
    name varchar(60) not null,
    stretch_percent integer not null,
    text varchar(6000) not null,
    version bigint not null
);
