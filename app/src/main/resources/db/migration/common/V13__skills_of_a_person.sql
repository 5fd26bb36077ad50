-- What comes before a skill is asked with every answer.
create index progress_by_skill on progress (person_id, skill);
