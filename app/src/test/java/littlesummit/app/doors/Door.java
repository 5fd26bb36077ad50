package littlesummit.app.doors;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * A row of the table of doors.
 *
 * @param operation method and path as in the description of the interface
 * @param address the same with the things of one student in it
 * @param body a request that its owner could send; "file" for a picture, empty for none
 * @param statuses expected for each kind of visitor, in the order of {@link Who}
 */
record Door(String operation, String address, String body, List<Integer> statuses) {
    private static final Path TABLE = Path.of("src/test/resources/doors.csv");
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setRecordSeparator("\n")
            .get();

    /** Who knocks at a door behind which there are things of a student. */
    enum Who {
        NOBODY,
        CLASSMATE,
        FAR_STUDENT,
        OWN_INSTRUCTOR,
        FAR_INSTRUCTOR,
        OTHER_WINDOW
    }

    String method() {
        return operation.substring(0, operation.indexOf(' '));
    }

    boolean hasBody() {
        return body.startsWith("{");
    }

    @Override
    public String toString() {
        return operation;
    }

    static List<Door> all() {
        try (Reader reader = Files.newBufferedReader(TABLE)) {
            return FORMAT.parse(reader).stream().map(Door::of).toList();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private static Door of(CSVRecord row) {
        List<Integer> statuses = new ArrayList<>();
        for (int i = 3; i < row.size(); i++) {
            statuses.add(Integer.valueOf(row.get(i)));
        }
        return new Door(row.get(0), row.get(1), row.get(2), List.copyOf(statuses));
    }

    /** Writes down what the doors answer now, to be read and judged before it is kept. */
    static void write(List<Door> doors) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                out, CSVFormat.DEFAULT.builder().setRecordSeparator("\n").get())) {
            printer.printRecord(
                    "operation",
                    "address",
                    "body",
                    "nobody",
                    "classmate",
                    "far student",
                    "own instructor",
                    "far instructor",
                    "other window");
            for (Door door : doors) {
                List<Object> row = new ArrayList<>(List.of(door.operation, door.address, door.body));
                row.addAll(door.statuses);
                printer.printRecord(row);
            }
            Files.writeString(TABLE, out.toString());
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }
}
