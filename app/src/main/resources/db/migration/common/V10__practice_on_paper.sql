-- A sheet to work on paper: what was asked for, and how it is laid out.
create table paper_sheet (
    id varchar(36) primary key,
    class_id varchar(36) not null references school_class (id),
    maker_id varchar(36) not null references person (id),
    title varchar(100) not null,
    made_at timestamp with time zone not null,
    style varchar(200) not null
);
create index paper_sheet_by_class on paper_sheet (class_id, made_at);

-- One printed copy, for one student or for whoever has it; its items stay what they were.
create table paper_copy (
    code varchar(12) primary key,
    sheet_id varchar(36) not null references paper_sheet (id),
    place int not null,
    person_id varchar(36) references person (id)
);
create index paper_copy_by_sheet on paper_copy (sheet_id, place);
create index paper_copy_by_person on paper_copy (person_id);

create table paper_item (
    code varchar(12) not null references paper_copy (code),
    place int not null,
    skill varchar(60) not null,
    version int not null,
    tier int not null,
    variant varchar(60) not null,
    seed bigint not null,
    content_id bigint not null references item_content (id),
    primary key (code, place)
);

-- Where a student stands with a copy.
create table paper_run (
    id varchar(36) primary key,
    code varchar(12) not null references paper_copy (code),
    person_id varchar(36) not null references person (id),
    state varchar(1000000) not null,
    shape int not null,
    changed_at timestamp with time zone not null,
    version bigint not null,
    unique (code, person_id)
);
create index paper_run_by_person on paper_run (person_id);

-- Words that a class has for its marks; none for percent alone.
create table mark_scale (
    class_id varchar(36) primary key references school_class (id),
    grades varchar(2000) not null
);
