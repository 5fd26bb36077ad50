package littlesummit.app.exchange.archive.rows;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.LongNode;
import com.fasterxml.jackson.databind.node.NullNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import littlesummit.app.paper.PaperCode;
import littlesummit.app.web.Problem;
import littlesummit.app.working.PhotoCheck;

/** Writes rows of an archive into the database, as rows of another class: with new ids, and pointing nowhere else. */
final class RowsIn {
    /** Columns with the code of a printed copy: kept where it is free, since it stands on paper. */
    private static final String CODE = "CODE";

    private final Connection connection;
    private final Arrival arrival;
    private final NewIds ids;
    private final Map<String, Set<String>> there = new HashMap<>();
    private final Map<String, String> codes = new HashMap<>();

    /**
     * Where the rows arrive.
     *
     * @param instructor who brings them; whatever somebody made is now made by this person
     * @param contents of items: here by what they were there
     */
    record Arrival(String classId, String instructor, Set<String> students, Map<Long, Long> contents) {}

    RowsIn(Connection connection, Arrival arrival, NewIds ids) {
        this.connection = connection;
        this.arrival = arrival;
        this.ids = ids;
        there.put("PERSON", arrival.students());
    }

    /** Takes the rows of one table. */
    final class Table implements AutoCloseable {
        private final ClassTable table;
        private final List<Column> columns;
        private final PreparedStatement insert;
        private long count;

        /** @param known columns that the rows have; empty for all, so that one that is missing is damage */
        Table(ClassTable table, Optional<Set<String>> known) throws SQLException {
            this.table = table;
            this.columns = Column.of(connection, table.name()).stream()
                    .filter(column -> !column.counted())
                    .filter(column -> known.map(k -> k.contains(column.name().toLowerCase(Locale.ROOT)))
                            .orElse(true))
                    .toList();
            this.insert = connection.prepareStatement("insert into " + table.name() + " ("
                    + columns.stream().map(Column::name).collect(Collectors.joining(", ")) + ") values ("
                    + columns.stream().map(c -> "?").collect(Collectors.joining(", ")) + ")");
        }

        /** @throws Problem with the line, for what cannot be a row of this table */
        void take(ObjectNode row) {
            count++;
            try {
                for (int i = 0; i < columns.size(); i++) {
                    Column column = columns.get(i);
                    JsonNode value = row.path(column.name().toLowerCase(Locale.ROOT));
                    Cell.write(insert, i + 1, column, here(column, value));
                }
                insert.executeUpdate();
            } catch (SQLException | IllegalArgumentException wrong) {
                throw refused("cannot be a row of this table");
            }
        }

        long count() {
            return count;
        }

        private Problem refused(String why) {
            return Problem.badRequest("Line " + count + " of records/" + table.file() + " " + why
                    + ". This archive was changed, or is damaged.");
        }

        /** The value as it is here. */
        private JsonNode here(Column column, JsonNode value) throws SQLException {
            if (value.isMissingNode()) {
                throw refused("has no “" + column.name().toLowerCase(Locale.ROOT) + "”");
            }
            return switch (column.name()) {
                case "CLASS_ID" -> TextNode.valueOf(arrival.classId());
                case "MAKER_ID" -> TextNode.valueOf(arrival.instructor());
                case "IMAGE" -> picture(value);
                case "CONTENT_ID", "EXAMPLE_CONTENT_ID" -> value.isNull() ? value : content(value);
                default -> value.isTextual() ? text(column, value.textValue()) : value;
            };
        }

        private JsonNode picture(JsonNode value) {
            if (!PhotoCheck.isPhoto(Cell.bytes(value))) {
                throw refused("holds no picture");
            }
            return value;
        }

        private JsonNode content(JsonNode value) {
            Long here = arrival.contents().get(value.longValue());
            if (here == null) {
                throw refused("has an item that is not in the archive");
            }
            return LongNode.valueOf(here);
        }

        private JsonNode text(Column column, String value) throws SQLException {
            String now = column.name().equals(CODE) ? code(value) : column.isId() ? ids.of(value) : ids.in(value);
            if (column.isPointedTo()) {
                there.computeIfAbsent(table.name(), t -> new HashSet<>()).add(now);
            }
            boolean points = !column.to().isEmpty();
            if (points && !there.getOrDefault(column.to(), Set.of()).contains(now)) {
                if (column.optional()) {
                    return NullNode.getInstance();
                }
                throw refused("points to something that is not in the archive");
            }
            return TextNode.valueOf(now);
        }

        @Override
        public void close() throws SQLException {
            insert.close();
        }
    }

    private String code(String old) throws SQLException {
        if (!codes.containsKey(old)) {
            codes.put(old, isFree(old) ? old : PaperCode.next());
        }
        return codes.get(old);
    }

    private boolean isFree(String code) throws SQLException {
        try (PreparedStatement taken = connection.prepareStatement("select 1 from PAPER_COPY where CODE = ?")) {
            taken.setString(1, code);
            return !taken.executeQuery().next();
        }
    }
}
