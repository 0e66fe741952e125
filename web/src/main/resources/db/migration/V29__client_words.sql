-- The words of clients' names, by which they are found.
create table if not exists client_word (
    client_id varchar(20) not null references client (id) on delete cascade,
    word varchar(120) not null,
    sort_name varchar(240) not null,
    primary key (client_id, word)
);
