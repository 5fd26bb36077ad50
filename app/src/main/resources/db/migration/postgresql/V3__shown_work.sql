-- A page knows whose it is, so that it can be found in the book and on the reading table.
alter table work_page add column person_id varchar(36) references person (id);
alter table work_page add column class_id varchar(36) references school_class (id);
alter table work_page add column assignment_id varchar(36);
alter table work_page add column skill varchar(60);
alter table work_page add column struck varchar(1000) default '' not null;
alter table work_page add column paper varchar(10) default 'GRID' not null;
alter table work_page add column figure_under boolean default false not null;
alter table work_page add column state varchar(4000) default '{"kind":"Kept"}' not null;
alter table work_page add column waiting_since timestamp with time zone;
alter table work_page add column started_at timestamp with time zone;
update work_page set person_id = (select i.person_id from served_item i where i.id = item_id),
    assignment_id = (select i.assignment_id from served_item i where i.id = item_id),
    skill = (select i.skill from served_item i where i.id = item_id),
    started_at = saved_at;
update work_page set class_id = (select p.class_id from person p where p.id = person_id);
alter table work_page alter column person_id set not null;
alter table work_page alter column class_id set not null;
alter table work_page alter column assignment_id set not null;
alter table work_page alter column skill set not null;
alter table work_page alter column started_at set not null;
create index work_page_by_person on work_page (person_id, started_at);
create index work_page_waiting on work_page (class_id, waiting_since);

-- Ink, one stroke a row, so that two windows never overwrite each other.
create table ink_stroke (
    item_id varchar(36) not null references work_page (item_id),
    id varchar(36) not null,
    layer varchar(10) not null,
    place bigint not null,
    body text not null,
    primary key (item_id, id)
);

-- Pictures of work on paper, encoded anew on arrival.
create table work_photo (
    id varchar(36) primary key,
    item_id varchar(36) not null references work_page (item_id),
    place int not null,
    width int not null,
    height int not null,
    image bytea not null,
    added_at timestamp with time zone not null
);
create index work_photo_by_page on work_photo (item_id, place);

-- Comments that an instructor writes often.
create table saved_comment (
    id varchar(36) primary key,
    person_id varchar(36) not null references person (id),
    text varchar(500) not null
);
create index saved_comment_by_person on saved_comment (person_id);
