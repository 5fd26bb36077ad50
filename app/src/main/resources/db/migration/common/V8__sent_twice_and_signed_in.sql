-- The answer of a check that is sent again, because the connection broke before its answer came, is the same answer.
alter table skill_check add column last_key varchar(64);

-- What was tried at an item is asked for by the item alone, for the lists of a class: without this each of them reads the whole log.
create index event_by_item on practice_event (item_id, id);

-- Browsers in which somebody has signed in before. Wrong passwords typed elsewhere do not lock them out.
create table known_browser (
    token_hash varchar(64) not null,
    person_id varchar(36) not null references person (id),
    wrong_tries int default 0 not null,
    locked_until timestamp with time zone,
    seen_at timestamp with time zone not null,
    primary key (token_hash, person_id)
);
