-- What programs sign in with. Only a digest is kept: a token is shown once, when it is made.
create table if not exists api_token (
    id varchar(20) primary key,
    name varchar(60) not null,
    account varchar(60) not null references account (name) on delete cascade,
    hash varchar(64) not null unique,
    made_at timestamp with time zone not null,
    made_by varchar(60) not null
);
