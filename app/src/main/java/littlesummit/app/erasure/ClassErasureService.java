package littlesummit.app.erasure;

import jakarta.persistence.EntityManager;
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
    private static final String STUDENTS = "(select id from person where class_id = :class and role = 'STUDENT')";

    private final ClassesService classes;
    private final RosterService roster;
    private final HangingRows rows;
    private final EntityManager entities;

    ClassErasureService(ClassesService classes, RosterService roster, HangingRows rows, EntityManager entities) {
        this.classes = classes;
        this.roster = roster;
        this.rows = rows;
        this.entities = entities;
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
                count("person where id in " + STUDENTS, classId),
                count("served_item where person_id in " + STUDENTS, classId),
                count("work_page where person_id in " + STUDENTS, classId));
    }

    private long count(String which, String classId) {
        Object rows = entities.createNativeQuery("select count(*) from " + which)
                .setParameter("class", classId)
                .getSingleResult();
        return ((Number) rows).longValue();
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
