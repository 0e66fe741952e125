-- How the house judges its sheets: every version, the checks it set, its proportions, what it knows of its measurers.
create table if not exists house_judging (
    version int primary key,
    what varchar(200) not null,
    judging clob not null,
    made_at timestamp with time zone not null,
    made_by varchar(60) not null
);
