package littlesummit.app.exchange.archive.rows;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A column of a table.
 *
 * @param type as in {@link java.sql.Types}
 * @param counted whether the database numbers the rows itself
 * @param to the table that it points to; empty where it points to none
 */
record Column(String name, int type, boolean optional, boolean counted, String to) {
    static List<Column> of(Connection connection, String table) throws SQLException {
        DatabaseMetaData data = connection.getMetaData();
        Map<String, String> pointed = new HashMap<>();
        try (ResultSet keys = data.getImportedKeys(connection.getCatalog(), connection.getSchema(), table)) {
            while (keys.next()) {
                pointed.put(keys.getString("FKCOLUMN_NAME"), keys.getString("PKTABLE_NAME"));
            }
        }
        List<Column> columns = new ArrayList<>();
        try (ResultSet found = data.getColumns(connection.getCatalog(), connection.getSchema(), table, "%")) {
            while (found.next()) {
                String name = found.getString("COLUMN_NAME");
                columns.add(new Column(
                        name,
                        found.getInt("DATA_TYPE"),
                        found.getInt("NULLABLE") == DatabaseMetaData.columnNullable,
                        "YES".equals(found.getString("IS_AUTOINCREMENT")),
                        pointed.getOrDefault(name, "")));
            }
        }
        return columns;
    }
}
