package littlesummit.app.exchange.oneroster;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import littlesummit.app.classroom.Csv;
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
        int entries = 0;
        int left = MOST_BYTES;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (++entries > MOST_ENTRIES) {
                    throw Problem.badRequest("There are more than " + MOST_ENTRIES + " files in this zip.");
                }
                byte[] content = read(zip, left);
                left -= content.length;
                String name = plain(entry.getName());
                if (name.endsWith(".csv")) {
                    files.put(name, new String(content, StandardCharsets.UTF_8));
                }
            }
        } catch (IOException | IllegalArgumentException broken) {
            throw Problem.badRequest("This zip cannot be read. It may be damaged, or be no zip at all.");
        }
        if (entries == 0) {
            throw Problem.badRequest("This is no zip. A OneRoster package is a zip with tables in it.");
        }
        return files;
    }

    /** What is packed small may be large: it is counted as it comes out. */
    private static byte[] read(ZipInputStream zip, int most) throws IOException {
        ByteArrayOutputStream content = new ByteArrayOutputStream();
        byte[] piece = new byte[8192];
        for (int n = zip.read(piece); n >= 0; n = zip.read(piece)) {
            content.write(piece, 0, n);
            if (content.size() > most) {
                throw Problem.badRequest("Unpacked, this zip is larger than " + MOST_BYTES / 1024 / 1024 + " MB.");
            }
        }
        return content.toByteArray();
    }

    /** Without folders: some programs put all tables into one. */
    private static String plain(String path) {
        String name = path.replace('\\', '/');
        return name.substring(name.lastIndexOf('/') + 1).toLowerCase(Locale.ROOT);
    }
}
