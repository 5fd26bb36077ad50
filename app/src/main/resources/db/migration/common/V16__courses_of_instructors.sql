-- A course that an instructor has put together; never changed, so that a check that began with it goes on as it was.
create table own_course (
    id varchar(60) primary key,
    maker_id varchar(36) not null references person (id),
    title varchar(100) not null,
    -- Ids of its skills, separated by commas.
    skills varchar(8000) not null,
    made_at timestamp with time zone not null,
    -- No longer offered; classes that work through it go on with it.
    withdrawn boolean not null
);
create index own_course_by_maker on own_course (maker_id);
