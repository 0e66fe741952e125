-- What happened at the door: who came in, who did not, and who was let do what.
create table if not exists door_event (
    id varchar(20) primary key,
    happened_at timestamp with time zone not null,
    kind varchar(20) not null,
    account varchar(60) not null,
    address varchar(60) not null,
    detail varchar(200) not null
);
