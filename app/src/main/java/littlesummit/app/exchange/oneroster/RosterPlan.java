package littlesummit.app.exchange.oneroster;

import java.util.List;
import littlesummit.app.exchange.oneroster.RosterPackage.ClassChoice;

/**
 * What taking a package in will do, or has done.
 *
 * @param classes of the package to choose from; empty when one is chosen, or when there are none
 * @param lines one for each student of the class
 * @param staying who is in the class and not in the package: nothing happens to them
 */
public record RosterPlan(List<ClassChoice> classes, List<Line> lines, List<String> staying) {
    /** What becomes of a student. */
    public enum What {
        ADDED,
        RENAMED,
        TAKEN_OUT,
        BACK,
        SAME,
        REFUSED
    }

    /**
     * @param place file and line of the package
     * @param says what happens, in words
     */
    public record Line(String place, String name, What what, String says) {}
}
