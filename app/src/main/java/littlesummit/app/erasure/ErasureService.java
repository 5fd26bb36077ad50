package littlesummit.app.erasure;

import littlesummit.app.exchange.oneroster.ImportMemory;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.RosterService;
import littlesummit.app.rows.HangingRows;
import littlesummit.app.web.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Deletes a student whose account is closed: first what would go, then all of it. */
@Service
class ErasureService {
    private final PeopleService people;
    private final RosterService roster;
    private final HangingRows rows;
    private final ImportMemory imports;
    private final RowCount count;

    ErasureService(PeopleService people, RosterService roster, HangingRows rows, ImportMemory imports, RowCount count) {
        this.imports = imports;
        this.people = people;
        this.roster = roster;
        this.rows = rows;
        this.count = count;
    }

    /**
     * What goes with an account.
     *
     * @param items that were given out, with all that was answered
     * @param pages of shown work
     * @param quizzes that were begun, with all their rounds
     */
    record Going(String name, long items, long pages, long quizzes) {}

    @Transactional(readOnly = true)
    Going going(Person instructor, String id) {
        Person student = people.student(instructor, id);
        return new Going(student.name(), count("served_item", id), count("work_page", id), count("quiz_run", id));
    }

    private long count(String table, String personId) {
        return count.of(table, "person_id = :id", personId);
    }

    /** @throws Problem while the account is open: it has to be closed first, which can still be undone */
    @Transactional
    void erase(Person instructor, String id) {
        Person student = people.student(instructor, id);
        if (!roster.isClosed(instructor, student.id())) {
            throw Problem.conflict("This account is open. Close it first; then it can be deleted.");
        }
        imports.forget(student.id());
        rows.deleteWith(student.id());
    }
}
