-- What a student is called in the system that a roster came from.
alter table person add column sourced_id varchar(255);
create index person_by_source on person (class_id, sourced_id);

-- Packages that were taken in, with what they changed: they can be undone for a day.
create table roster_import (
    id varchar(36) primary key,
    class_id varchar(36) not null references school_class (id),
    taken_at timestamp with time zone not null,
    undone_at timestamp with time zone,
    deeds clob not null
);
create index roster_import_by_class on roster_import (class_id, taken_at);
