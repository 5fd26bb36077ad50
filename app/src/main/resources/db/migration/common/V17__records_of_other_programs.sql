-- When what somebody did was last sent to the record store, and how many statements that were.
create table record_sent (
    person_id varchar(36) primary key references person (id),
    sent_at timestamp with time zone not null,
    statements integer not null
);

-- Files of statements that were taken in; each can be undone for a day.
create table history_import (
    id varchar(36) primary key,
    class_id varchar(36) not null references school_class (id),
    taken_at timestamp with time zone not null,
    undone boolean not null
);
create index history_import_by_class on history_import (class_id, taken_at);

-- What somebody did in another program: to be read, and never counted.
create table history (
    id varchar(36) primary key,
    import_id varchar(36) not null references history_import (id),
    person_id varchar(36) not null references person (id),
    -- Id of the statement: the same one is taken once.
    statement varchar(100) not null,
    happened_at timestamp with time zone not null,
    verb varchar(60) not null,
    title varchar(200) not null,
    success boolean,
    percent integer
);
create index history_by_person on history (person_id, happened_at);
