-- When the target of a skill was reached first, and when the skill was last shown to be known.
alter table progress add column reached_at timestamp with time zone;
alter table progress add column shown_at timestamp with time zone;

-- What students could not solve, for their instructor.
create table question (
    id varchar(36) primary key,
    person_id varchar(36) not null references person (id),
    class_id varchar(36) not null references school_class (id),
    item_id varchar(36) not null references served_item (id),
    question varchar(1000) not null,
    asked_at timestamp with time zone not null,
    answer varchar(2000),
    answered_by varchar(100),
    answered_at timestamp with time zone
);
create index question_by_class on question (class_id, asked_at);
create index question_by_person on question (person_id, asked_at);
