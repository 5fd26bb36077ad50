package littlesummit.app.exchange.oneroster;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.app.web.Problem;

/**
 * What a OneRoster package says of its classes and who is in them.
 *
 * @param tables rows by file
 */
record RosterPackage(Map<String, List<Map<String, String>>> tables) {
    private static final String GONE = "tobedeleted";
    private static final int LONGEST_ID = 255;

    /** @param students how many of them are enrolled */
    record ClassChoice(String sourcedId, String title, int students) {}

    /**
     * Somebody that the package puts into a class.
     *
     * @param leaves whether the package takes this student out
     * @param place file and line
     * @param refusal why the line says nothing that can be done; empty when it does
     */
    record Listed(
            String sourcedId,
            String given,
            String family,
            String username,
            boolean leaves,
            String place,
            String refusal) {
        String name() {
            return (given + " " + family).strip();
        }
    }

    /** @throws Problem when it says that it is of another version */
    static RosterPackage of(byte[] zip) {
        RosterPackage read = new RosterPackage(RosterZip.tables(zip));
        read.rows("manifest.csv").stream()
                .filter(row -> cell(row, "propertyname").equals("oneroster.version"))
                .map(row -> cell(row, "value"))
                .filter(version -> !version.matches("1\\.[12](\\.\\d+)?"))
                .findFirst()
                .ifPresent(version -> {
                    throw Problem.badRequest(
                            "This package says that it is OneRoster " + version + ". Versions 1.1 and 1.2 are read.");
                });
        return read;
    }

    private List<Map<String, String>> rows(String file) {
        return tables.getOrDefault(file, List.of());
    }

    private static String cell(Map<String, String> row, String column) {
        return row.getOrDefault(column, "").strip();
    }

    private static boolean isGone(Map<String, String> row) {
        return cell(row, "status").equalsIgnoreCase(GONE);
    }

    /** Classes in which somebody is enrolled as a student; one without a name where the package has none. */
    List<ClassChoice> classes() {
        Map<String, Integer> students = new LinkedHashMap<>();
        rows("enrollments.csv").stream()
                .filter(row -> cell(row, "role").equalsIgnoreCase("student"))
                .forEach(row -> students.merge(cell(row, "classsourcedid"), isGone(row) ? 0 : 1, Integer::sum));
        return students.entrySet().stream()
                .map(e -> new ClassChoice(e.getKey(), title(e.getKey()), e.getValue()))
                .toList();
    }

    private String title(String classId) {
        return rows("classes.csv").stream()
                .filter(row -> cell(row, "sourcedid").equals(classId))
                .map(row -> cell(row, "title"))
                .findFirst()
                .orElse(classId);
    }

    /** Who is in a class, as the enrolments say; without enrolments everybody who is a student. */
    List<Listed> students(String classId) {
        List<Map<String, String>> users = rows("users.csv");
        List<Listed> listed = new ArrayList<>();
        if (!tables.containsKey("enrollments.csv")) {
            for (int i = 0; i < users.size(); i++) {
                Map<String, String> user = users.get(i);
                if (cell(user, "role").isEmpty() || cell(user, "role").equalsIgnoreCase("student")) {
                    listed.add(listed(user, false, "users.csv, line " + (i + 2)));
                }
            }
            return listed;
        }
        Map<String, Integer> lines = new LinkedHashMap<>();
        for (int i = 0; i < users.size(); i++) {
            lines.putIfAbsent(cell(users.get(i), "sourcedid"), i);
        }
        List<Map<String, String>> enrollments = rows("enrollments.csv");
        for (int i = 0; i < enrollments.size(); i++) {
            Map<String, String> row = enrollments.get(i);
            if (cell(row, "classsourcedid").equals(classId) && cell(row, "role").equalsIgnoreCase("student")) {
                String place = "enrollments.csv, line " + (i + 2);
                String who = cell(row, "usersourcedid");
                listed.add(Optional.ofNullable(lines.get(who))
                        .map(line -> listed(users.get(line), isGone(row), "users.csv, line " + (line + 2)))
                        .orElseGet(() -> new Listed(
                                who, "", "", "", false, place, "There is no user “" + who + "” in users.csv.")));
            }
        }
        return listed;
    }

    private static Listed listed(Map<String, String> user, boolean gone, String place) {
        boolean leaves = gone || isGone(user) || cell(user, "enableduser").equalsIgnoreCase("false");
        return new Listed(
                cell(user, "sourcedid"),
                cell(user, "givenname"),
                cell(user, "familyname"),
                cell(user, "username"),
                leaves,
                place,
                cell(user, "sourcedid").length() > LONGEST_ID
                        ? "Its sourcedId is longer than " + LONGEST_ID + " characters."
                        : "");
    }
}
