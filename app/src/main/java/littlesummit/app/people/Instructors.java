package littlesummit.app.people;

import org.springframework.security.access.AccessDeniedException;

/** The door of everything that is for instructors. */
public final class Instructors {
    private Instructors() {}

    /** @throws AccessDeniedException for a student */
    public static Person only(Person person) {
        if (person.role() != Role.INSTRUCTOR) {
            throw new AccessDeniedException("this is for instructors");
        }
        return person;
    }
}
