-- Lists of a class read what is done in the assignments that they show, and not in all.
create index progress_by_assignment on progress (assignment_id, person_id);
