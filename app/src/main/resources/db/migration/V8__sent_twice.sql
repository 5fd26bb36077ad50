-- The answer of a check that is sent again, because the connection broke before its answer came, is the same answer.
alter table skill_check add column last_key varchar(64);
