-- Every version of a form that sheets were measured with, as it was. Rows are only ever added.
create table if not exists form_version (
    id varchar(80) primary key,
    form varchar(60) not null,
    version integer not null,
    document varchar(200000) not null,
    hash varchar(64) not null,
    kept_at timestamp with time zone not null,
    unique (form, version)
);
