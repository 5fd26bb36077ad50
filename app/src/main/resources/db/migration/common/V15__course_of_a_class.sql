-- Which of the courses a class works through, and which one a check over the course began with. Empty for the whole one.
alter table school_class add column course_id varchar(60) default '' not null;
alter table skill_check add column course_id varchar(60) default '' not null;
