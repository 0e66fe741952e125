-- The house's own tables: each change is a version of its own, and none is ever changed.
create table if not exists house_tables (
    version integer primary key,
    numbers varchar(2000) not null,
    made_at timestamp with time zone not null,
    made_by varchar(60) not null
);
