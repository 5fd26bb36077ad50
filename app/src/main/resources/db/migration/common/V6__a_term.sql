-- Who teaches which class. The class_id of an instructor is the class that is open just now.
create table class_instructor (
    class_id varchar(36) not null references school_class (id),
    person_id varchar(36) not null references person (id),
    primary key (class_id, person_id)
);
insert into class_instructor (class_id, person_id) select class_id, id from person where role = 'INSTRUCTOR' and class_id is not null;

-- What a class wants to know by when; without it the dates of its assignments set the pace.
alter table school_class add column goal_skills int;
alter table school_class add column goal_start date;
alter table school_class add column goal_date date;
-- A class that is over is out of the way; nothing of it is lost.
alter table school_class add column over_since timestamp with time zone;

-- An account that is closed cannot be signed in with; its work stays.
alter table person add column closed_at timestamp with time zone;

-- Opens the first account of an empty server, once.
create table set_up_code (
    id int primary key,
    code_hash varchar(200) not null
);

-- Assignments that open later, and those that were withdrawn.
alter table assignment add column opens timestamp with time zone;
alter table assignment add column withdrawn_at timestamp with time zone;

-- What lists of a whole class need of each state, so that none of them is read for it. Made anew at the start where it is missing.
alter table progress add column summarised boolean default false not null;
alter table progress add column stands int default 0 not null;
alter table progress add column missed_lately int default 0 not null;
alter table progress add column last_at timestamp with time zone;
create index progress_to_summarise on progress (summarised);
create index quiz_event_by_time on quiz_event (person_id, at);

-- What a check has put back into practice, and what it said of each skill: working that out again takes time.
alter table skill_check add column fell varchar(4000);
alter table skill_check add column verdicts varchar(40000);

-- What the last check over the course said of a skill, for the map.
alter table known_skill add column said_percent int;
alter table known_skill add column said_why varchar(1000);
alter table known_skill add column said_at timestamp with time zone;

-- A mixed set of skills to refresh: one that a student is in.
create table refresh_set (
    person_id varchar(36) primary key references person (id),
    state varchar(10000) not null,
    version bigint not null
);
