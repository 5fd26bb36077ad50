package littlesummit.app.exchange.oneroster;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import littlesummit.app.classroom.Csv;
import littlesummit.app.exchange.zip.Unpacked;
import littlesummit.app.web.Problem;

/** The tables of a zip that somebody brings, read with limits: nothing of it is written anywhere. */
final class RosterZip {
    static final int MOST_ENTRIES = 60;
    static final int MOST_BYTES = 16 * 1024 * 1024;
    static final int MOST_ROWS = 20_000;

    private RosterZip() {}

    /**
     * Rows by file name, such as {@code users.csv}; columns in small letters.
     *
     * @throws Problem when it is no zip, holds too much, or a table cannot be read
     */
    static Map<String, List<Map<String, String>>> tables(byte[] bytes) {
        Map<String, List<Map<String, String>>> tables = new LinkedHashMap<>();
        files(bytes).forEach((name, text) -> {
            try {
                tables.put(name, Csv.read(text, MOST_ROWS));
            } catch (Problem broken) {
                throw Problem.badRequest(name + ": " + broken.getMessage());
            }
        });
        if (!tables.containsKey("users.csv")) {
            throw Problem.badRequest("There is no users.csv in this zip. A OneRoster package has one.");
        }
        return tables;
    }

    private static Map<String, String> files(byte[] bytes) {
        Map<String, String> files = new LinkedHashMap<>();
        int entries = Unpacked.each(bytes, MOST_ENTRIES, MOST_BYTES, (path, content) -> {
            String name = plain(path);
            if (name.endsWith(".csv")) {
                files.put(name, new String(content, StandardCharsets.UTF_8));
            }
        });
        if (entries == 0) {
            throw Problem.badRequest("This is no zip. A OneRoster package is a zip with tables in it.");
        }
        return files;
    }

    /** Without folders: some programs put all tables into one. */
    private static String plain(String path) {
        String name = path.replace('\\', '/');
        return name.substring(name.lastIndexOf('/') + 1).toLowerCase(Locale.ROOT);
    }
}
