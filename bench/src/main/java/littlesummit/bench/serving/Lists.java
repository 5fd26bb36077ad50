package littlesummit.bench.serving;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** How long the lists of a full class take with ten assignments and with two hundred. */
final class Lists {
    static final List<String> OF_INSTRUCTORS = List.of(
            "/api/class",
            "/api/class/assignments",
            "/api/class/marks",
            "/api/class/marks/means",
            "/api/class/marks.csv",
            "/api/class/skills");
    static final List<String> OF_STUDENTS = List.of("/api/due", "/api/progress", "/api/map", "/api/review");
    private static final int STUDENTS = 40;
    private static final int FEW = 10;
    private static final int MANY = 200;
    private static final int TIMES = 25;
    private static final int WARM = 60;

    private Lists() {}

    static String measure(Servers servers) {
        FullClass full = new FullClass(servers.app(), STUDENTS);
        full.fillTo(FEW);
        Map<String, Double> few = medians(servers, full);
        full.fillTo(MANY);
        Map<String, Double> many = medians(servers, full);
        StringBuilder table = new StringBuilder("| list, " + STUDENTS + " students | " + FEW + " assignments | " + MANY
                + " assignments | ratio |\n|---|---|---|---|\n");
        few.forEach((list, ms) -> table.append(String.format(
                Locale.ROOT, "| `%s` | %.1f ms | %.1f ms | %.1f |%n", list, ms, many.get(list), many.get(list) / ms)));
        return table.toString();
    }

    private static Map<String, Double> medians(Servers servers, FullClass full) {
        Visitor instructor = Visitor.signedIn(servers.appAddress(), full.instructorName(), "pw");
        Visitor student =
                Visitor.signedIn(servers.appAddress(), full.studentNames().getFirst(), "pw");
        Map<String, Double> medians = new LinkedHashMap<>();
        OF_INSTRUCTORS.forEach(list -> medians.put(list, median(instructor, list)));
        OF_STUDENTS.forEach(list -> medians.put(list, median(student, list)));
        return medians;
    }

    private static double median(Visitor visitor, String list) {
        return Times.median(() -> visitor.get(list), WARM, TIMES);
    }
}
