package littlesummit.app.exchange.archive.rows;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Locale;

/** The rows of a class, as they stand in the database, one by one. */
final class RowsOut {
    private static final int AT_ONCE = 100;

    private RowsOut() {}

    interface Taker {
        void take(ObjectNode row) throws IOException;
    }

    static void each(Connection connection, ClassTable table, String classId, Taker taker)
            throws SQLException, IOException {
        List<Column> columns = Column.of(connection, table.name());
        String order = columns.stream().anyMatch(Column::counted) ? " order by ID" : "";
        try (PreparedStatement rows =
                connection.prepareStatement("select * from " + table.name() + " where " + table.which() + order)) {
            rows.setFetchSize(AT_ONCE);
            for (int i = 1; i <= rows.getParameterMetaData().getParameterCount(); i++) {
                rows.setString(i, classId);
            }
            try (ResultSet row = rows.executeQuery()) {
                while (row.next()) {
                    taker.take(read(row, columns));
                }
            }
        }
    }

    private static ObjectNode read(ResultSet row, List<Column> columns) throws SQLException {
        ObjectNode read = JsonNodeFactory.instance.objectNode();
        for (Column column : columns) {
            if (!column.counted()) {
                read.set(column.name().toLowerCase(Locale.ROOT), Cell.read(row, column));
            }
        }
        return read;
    }
}
