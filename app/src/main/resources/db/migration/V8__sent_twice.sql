-- The answer of a check that is sent again, because the connection broke before its answer came, is the same answer.
alter table skill_check add column last_key varchar(64);

-- What was tried at an item is asked for by the item alone, for the lists of a class: without this each of them reads the whole log.
create index event_by_item on practice_event (item_id, id);
