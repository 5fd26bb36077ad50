-- That a class was made from an archive, and when: for a day that can be undone.
create table class_from_archive (
    class_id varchar(36) primary key references school_class (id),
    taken_at timestamp with time zone not null
);
