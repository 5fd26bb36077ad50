package littlesummit.app.exchange.archive.rows;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import littlesummit.app.rows.Tables;

/**
 * A column of a table.
 *
 * @param type as in {@link java.sql.Types}
 * @param counted whether the database numbers the rows itself
 * @param to the table that it points to; empty where it points to none
 * @param isPointedTo whether rows of other tables know this one by it
 */
record Column(String name, int type, boolean optional, boolean counted, String to, boolean isPointedTo) {
    /** Whether its value is an id as a whole. */
    boolean isId() {
        return isPointedTo || !to.isEmpty();
    }

    static List<Column> of(Connection connection, String table) throws SQLException {
        DatabaseMetaData data = connection.getMetaData();
        String stored = Tables.stored(connection, table);
        Map<String, String> pointed = new HashMap<>();
        try (ResultSet keys = data.getImportedKeys(connection.getCatalog(), connection.getSchema(), stored)) {
            while (keys.next()) {
                pointed.put(
                        Tables.written(keys.getString("FKCOLUMN_NAME")),
                        Tables.written(keys.getString("PKTABLE_NAME")));
            }
        }
        Set<String> known = new HashSet<>();
        try (ResultSet keys = data.getExportedKeys(connection.getCatalog(), connection.getSchema(), stored)) {
            while (keys.next()) {
                known.add(Tables.written(keys.getString("PKCOLUMN_NAME")));
            }
        }
        List<Column> columns = new ArrayList<>();
        try (ResultSet found = data.getColumns(connection.getCatalog(), connection.getSchema(), stored, "%")) {
            while (found.next()) {
                String name = Tables.written(found.getString("COLUMN_NAME"));
                columns.add(new Column(
                        name,
                        type(found),
                        found.getInt("NULLABLE") == DatabaseMetaData.columnNullable,
                        "YES".equals(found.getString("IS_AUTOINCREMENT")),
                        pointed.getOrDefault(name, ""),
                        known.contains(name)));
            }
        }
        return columns;
    }

    /** PostgreSQL's driver calls a moment with its zone one without. */
    private static int type(ResultSet column) throws SQLException {
        return column.getString("TYPE_NAME").equals("timestamptz")
                ? Types.TIMESTAMP_WITH_TIMEZONE
                : column.getInt("DATA_TYPE");
    }
}
