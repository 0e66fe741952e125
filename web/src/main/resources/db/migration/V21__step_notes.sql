-- What is noted at a step: the row that was written last stands, an empty one takes the note away.
create table if not exists step_note (
    id varchar(20) primary key,
    order_id varchar(20) not null references garment_order (id) on delete cascade,
    step varchar(20) not null,
    text varchar(1000) not null,
    written_at timestamp with time zone not null,
    written_by varchar(60) not null
);
