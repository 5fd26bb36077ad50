package littlesummit.app.classroom;

import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import org.springframework.security.access.AccessDeniedException;

/** The door of everything that is for instructors. */
final class Instructors {
    private Instructors() {}

    /** @throws AccessDeniedException for a student */
    static Person only(Person person) {
        if (person.role() != Role.INSTRUCTOR) {
            throw new AccessDeniedException("this is for instructors");
        }
        return person;
    }
}
