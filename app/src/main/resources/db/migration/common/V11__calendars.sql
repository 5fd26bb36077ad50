-- The private address of a calendar: the secret itself is nowhere kept.
create table calendar_address (
    person_id varchar(36) primary key references person (id),
    hash varchar(64) not null unique,
    made_at timestamp with time zone not null
);
