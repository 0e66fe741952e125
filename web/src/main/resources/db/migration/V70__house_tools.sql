-- Rulers and the like that begin behind a blank end, which is added to what they show.
create table if not exists house_tool (
    id varchar(20) primary key,
    name varchar(40) not null,
    blank varchar(20) not null,
    unit varchar(4) not null,
    made_at timestamp with time zone not null,
    made_by varchar(60) not null
);
