package littlesummit.app.people;

/** What a person may do. */
public enum Role {
    STUDENT,
    INSTRUCTOR
}
