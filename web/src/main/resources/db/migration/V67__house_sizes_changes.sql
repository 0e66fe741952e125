-- Tables of sizes, as each change left them.
create table if not exists size_table_change (
    id varchar(20) not null,
    rev bigint not null references revision (id),
    revtype tinyint not null,
    name varchar(60),
    stretch_percent integer,
    text varchar(6000),
    primary key (id, rev)
);
