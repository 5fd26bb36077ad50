package littlesummit.app.exchange.archive.rows;

import java.util.List;

/**
 * What comes in with an archive.
 *
 * @param students by name
 * @param things what else comes, such as “3 photos”
 */
public record ArrivalPlan(String className, List<Arriving> students, List<String> things) {
    public ArrivalPlan {
        students = List.copyOf(students);
        things = List.copyOf(things);
    }

    /** @param says how the student will sign in */
    public record Arriving(String name, String says) {}
}
