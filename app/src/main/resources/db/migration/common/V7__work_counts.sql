-- Work that has to be shown counts when it has been read: what lists show of it, beside what stands for sure. Made anew at the start.
alter table progress add column hoped int default 0 not null;
alter table progress add column pages_waiting int default 0 not null;
alter table progress add column reached_waiting boolean default false not null;
update progress set summarised = false;

-- Checks that an instructor has set aside, so that the student may take another.
alter table skill_check add column excused boolean default false not null;

-- A code that has not been used yet can be shown and printed again; it goes when a password is chosen. Names come in with their two parts.
alter table person add column first_code varchar(40);
alter table person add column family_name varchar(100);

-- A starting check that is set is done when it was taken since.
alter table assignment add column set_at timestamp with time zone;
