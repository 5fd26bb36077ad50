-- What has come of looking at all items of a skill that is being written, where any server finds it.
create table skill_proof (
  skill_id varchar(40) primary key references own_skill (id) on delete cascade,
  -- Digest of the text that was looked at.
  digest varchar(64) not null,
  -- When the server that looks has last said so: one that has stopped says nothing more.
  told_at timestamp with time zone not null,
  found varchar(1000000) not null
);
