package littlesummit.app.classroom;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import littlesummit.app.web.Download;
import littlesummit.app.web.Problem;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import org.springframework.http.ResponseEntity;

/** Tables as CSV (RFC 4180), safe to be opened by a spreadsheet: no cell can be taken for a formula. */
public final class Csv {
    private static final String FORMULA = "=+-@\t\r";
    private static final int MOST_ROWS = 300;

    private Csv() {}

    /** To be taken away under a name. */
    static ResponseEntity<String> file(String name, String content) {
        return Download.of(name, "text/csv;charset=UTF-8", content);
    }

    /** With a head line. */
    public static String write(List<String> head, List<List<String>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(head);
            for (List<String> row : rows) {
                printer.printRecord(row.stream().map(Csv::harmless).toList());
            }
        } catch (IOException bug) {
            throw new IllegalStateException(bug);
        }
        return text.toString();
    }

    /** A sign that begins a formula is put behind an apostrophe (OWASP, CSV Injection); numbers stay numbers. */
    private static String harmless(String cell) {
        boolean suspect = !cell.isEmpty()
                && (FORMULA.indexOf(cell.charAt(0)) >= 0 || cell.charAt(0) == '\'')
                && !cell.matches("-?\\d+(\\.\\d+)?");
        return suspect ? "'" + cell : cell;
    }

    private static String asWritten(String cell) {
        return cell.length() > 1
                        && cell.charAt(0) == '\''
                        && (FORMULA.indexOf(cell.charAt(1)) >= 0 || cell.charAt(1) == '\'')
                ? cell.substring(1)
                : cell;
    }

    private static char between(String head) {
        return head.contains(",") ? ',' : head.contains(";") ? ';' : head.contains("\t") ? '\t' : ',';
    }

    /**
     * Rows by the names in the first line, in small letters and without spaces, as in {@code givenname}. Where that
     * line has no commas, semicolons or tabs may stand between, as some spreadsheets write them.
     *
     * @throws Problem when it is no such table
     */
    static List<Map<String, String>> read(String text) {
        return read(text, MOST_ROWS);
    }

    /**
     * The same for tables of another size.
     *
     * @throws Problem when it is no such table, or has more rows than that
     */
    public static List<Map<String, String>> read(String text, int most) {
        List<Map<String, String>> rows = new ArrayList<>();
        String table = text.replace("\uFEFF", "");
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(between(table.lines().findFirst().orElse("")))
                .setHeader()
                .setSkipHeaderRecord(true)
                .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(table), format)) {
            for (CSVRecord record : parser) {
                Map<String, String> row = new LinkedHashMap<>();
                record.toMap()
                        .forEach((name, cell) ->
                                row.put(name.replaceAll("[\\s_]", "").toLowerCase(Locale.ROOT), asWritten(cell)));
                rows.add(row);
            }
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            throw Problem.badRequest(
                    "This is no table that can be read: a first line with names, then a line for each student, with"
                            + " commas between.");
        }
        if (rows.size() > most) {
            throw Problem.badRequest("A table may have at most " + most + " lines.");
        }
        return rows;
    }
}
