-- How far long requests have come, where any server finds it. A row is gone when its request has ended.
create table headway (
    id varchar(36) primary key,
    person_id varchar(36) not null references person (id) on delete cascade,
    doing varchar(60) not null,
    -- Of the steps of what is being done.
    done bigint not null,
    steps bigint not null,
    told_at timestamp with time zone not null
);
create index headway_by_person on headway (person_id);
create index headway_by_time on headway (told_at);
