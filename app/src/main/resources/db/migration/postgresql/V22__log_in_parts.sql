-- The log of practice in parts, one for each half of a year (from February and from August): what is over can lie
-- elsewhere, be copied by itself, and is not in the way of what is written now.
create function start_of_term(moment timestamp with time zone) returns date
    language sql immutable
    return (date_trunc('month', (moment at time zone 'UTC') - interval '1 month')
        - make_interval(months => (extract(month from (moment at time zone 'UTC') - interval '1 month')::int - 1) % 6)
        + interval '1 month')::date;

alter table practice_event rename to practice_event_whole;
alter table practice_event_whole drop constraint event_once;
drop index event_by_progress;
drop index event_by_time;
drop index event_by_item;

create sequence practice_event_number;
create table practice_event (
    id bigint default nextval('practice_event_number') not null,
    person_id varchar(36) not null references person (id),
    assignment_id varchar(36) not null,
    skill varchar(60) not null,
    item_id varchar(36) not null,
    idempotency_key varchar(64) not null,
    payload varchar(20000) not null,
    at timestamp with time zone not null,
    shape int default 1 not null,
    primary key (id, at),
    -- Here a key is once in a part. Once in the whole log it is by the row of the progress, which each event changes,
    -- and which only one of two requests can change at a time.
    constraint event_once unique (person_id, idempotency_key, at)
) partition by range (at);
alter sequence practice_event_number owned by practice_event.id;
create index event_by_progress on practice_event (person_id, assignment_id, skill, id);
create index event_by_time on practice_event (person_id, at);
create index event_by_item on practice_event (item_id, id);

-- For what is in no part yet; the program makes a part before its time begins.
create table practice_event_other partition of practice_event default;

do $$
declare
    term date;
begin
    for term in select distinct start_of_term(at) from practice_event_whole loop
        execute format(
            'create table practice_event_%s partition of practice_event for values from (%L) to (%L)',
            to_char(term, 'YYYY_MM'),
            term::timestamp at time zone 'UTC',
            (term + interval '6 months') at time zone 'UTC');
    end loop;
end
$$;

insert into practice_event
    (id, person_id, assignment_id, skill, item_id, idempotency_key, payload, at, shape)
    select id, person_id, assignment_id, skill, item_id, idempotency_key, payload, at, shape
    from practice_event_whole;
select setval('practice_event_number', coalesce((select max(id) from practice_event), 0) + 1, false);
drop table practice_event_whole;
drop function start_of_term(timestamp with time zone);
