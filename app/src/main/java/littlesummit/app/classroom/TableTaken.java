package littlesummit.app.classroom;

import java.util.List;

/**
 * A table was taken into a class, which can be undone.
 *
 * @param added ids of the students that came by it
 */
public record TableTaken(String classId, List<String> added) {
    public TableTaken {
        added = List.copyOf(added);
    }
}
