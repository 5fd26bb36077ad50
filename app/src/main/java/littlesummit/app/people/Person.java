package littlesummit.app.people;

import java.io.Serializable;
import java.security.Principal;

/**
 * The one who is signed in; kept in the session.
 *
 * @param classId the class of a student, or the one that an instructor has open
 * @param mustChange whether a code was signed in with, so that a password is still to be chosen
 */
public record Person(
        String id, String username, String name, Role role, String classId, String className, boolean mustChange)
        implements Principal, Serializable {
    /** The name that sessions are found by. */
    @Override
    public String getName() {
        return username;
    }
}
