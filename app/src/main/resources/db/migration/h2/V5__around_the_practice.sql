-- What is known of a student from checks, beside what practice shows.
create table known_skill (
    person_id varchar(36) not null references person (id),
    skill varchar(60) not null,
    known_since timestamp with time zone,
    confirmed_at timestamp with time zone,
    refreshes int not null,
    fallen_at timestamp with time zone,
    primary key (person_id, skill)
);

-- Checks: of the whole course, or short ones.
create table skill_check (
    id varchar(36) primary key,
    person_id varchar(36) not null references person (id),
    state clob not null,
    started_at timestamp with time zone not null,
    finished_at timestamp with time zone,
    version bigint not null
);
create index skill_check_by_person on skill_check (person_id, started_at);

-- Accounts that an instructor makes are opened by a code, once; and some assignments are for some students only.
alter table person add column must_change boolean default false not null;
create table assignment_exception (
    assignment_id varchar(36) not null references assignment (id),
    person_id varchar(36) not null references person (id),
    due timestamp with time zone,
    left_out boolean default false not null,
    primary key (assignment_id, person_id)
);
