-- A client as each change left them.
create table if not exists client_change (
    id varchar(20) not null,
    rev bigint not null references revision (id),
    revtype tinyint not null,
    name varchar(120),
    handedness varchar(10),
    age_group varchar(10),
    notes varchar(2000),
    health_note varchar(2000),
    consented_on date,
    primary key (id, rev)
);
