-- A skill that a class has of its own: what its author is writing, and which version is in use.
create table own_skill (
    id varchar(40) primary key,
    class_id varchar(36) not null references school_class (id),
    maker_id varchar(36) not null references person (id),
    name varchar(100) not null,
    draft varchar(400000) not null,
    changed_at timestamp with time zone not null,
    -- Digest of the draft for which everything was found to hold; empty before.
    proved varchar(64),
    -- Digest of the version in use; empty before the first.
    used varchar(64),
    -- Its number, 0 before the first.
    version int not null,
    withdrawn boolean not null,
    revision bigint not null
);
create index own_skill_by_class on own_skill (class_id);

-- A version as it was when it was put to use; never changed.
create table own_skill_version (
    skill_id varchar(40) not null references own_skill (id),
    version int not null,
    document varchar(400000) not null,
    made_at timestamp with time zone not null,
    primary key (skill_id, version)
);
