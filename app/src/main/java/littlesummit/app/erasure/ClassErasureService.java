package littlesummit.app.erasure;

import littlesummit.app.people.ClassesService;
import littlesummit.app.people.Person;
import littlesummit.app.people.RosterService;
import littlesummit.app.rows.HangingRows;
import littlesummit.app.web.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Deletes a class that is over, with its students and all that they did: first what would go, then all of it. */
@Service
class ClassErasureService {
    private static final String STUDENTS = "class_id = :id and role = 'STUDENT'";

    private static final String OF_STUDENTS = "person_id in (select id from person where " + STUDENTS + ")";

    private final ClassesService classes;
    private final RosterService roster;
    private final HangingRows rows;
    private final RowCount count;

    ClassErasureService(ClassesService classes, RosterService roster, HangingRows rows, RowCount count) {
        this.classes = classes;
        this.roster = roster;
        this.rows = rows;
        this.count = count;
    }

    /**
     * What goes with a class.
     *
     * @param students accounts, closed ones as well
     * @param items that were given out, with all that was answered
     * @param pages of shown work
     */
    record GoingClass(String name, long students, long items, long pages) {}

    /** @throws Problem for a class that cannot be deleted now */
    @Transactional(readOnly = true)
    GoingClass going(Person instructor, String classId) {
        classes.requireOver(instructor, classId);
        return new GoingClass(
                classes.lookingAt(instructor, classId).className(),
                count.of("person", STUDENTS, classId),
                count.of("served_item", OF_STUDENTS, classId),
                count.of("work_page", OF_STUDENTS, classId));
    }

    /**
     * @param typed the name of the class, which nobody types by mistake
     * @throws Problem when it is another name, or the class cannot be deleted now
     */
    @Transactional
    void erase(Person instructor, String classId, String typed) {
        classes.requireOver(instructor, classId);
        String name = classes.lookingAt(instructor, classId).className();
        if (!typed.strip().equals(name)) {
            throw Problem.badRequest("That is not its name. To delete this class, type “" + name + "”.");
        }
        roster.signOutAll(classId);
        rows.deleteWithClass(classId);
    }
}
