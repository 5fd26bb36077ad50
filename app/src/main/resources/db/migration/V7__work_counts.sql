-- Work that has to be shown counts when it has been read: what lists show of it, beside what stands for sure. Made anew at the start.
alter table progress add column hoped int default 0 not null;
alter table progress add column pages_waiting int default 0 not null;
alter table progress add column reached_waiting boolean default false not null;
update progress set summarised = false;
