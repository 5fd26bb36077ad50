package littlesummit.app.erasure;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import littlesummit.app.rows.Tables;

/** Where in a database a text stands. */
final class PlacesOfText {
    private PlacesOfText() {}

    /** Every column of every table that holds this text, as TABLE.COLUMN. */
    static List<String> in(DataSource database, String text) throws SQLException {
        List<String> places = new ArrayList<>();
        try (Connection connection = database.getConnection();
                ResultSet columns = connection.getMetaData().getColumns(null, connection.getSchema(), null, null)) {
            while (columns.next()) {
                String table = columns.getString("TABLE_NAME");
                String column = columns.getString("COLUMN_NAME");
                if (!columns.getString("TYPE_NAME").startsWith("BINARY") && isThere(connection, table, column, text)) {
                    places.add(Tables.written(table + "." + column));
                }
            }
        }
        return places;
    }

    private static boolean isThere(Connection connection, String table, String column, String text)
            throws SQLException {
        try (var found = connection.prepareStatement(
                "select count(*) from \"" + table + "\" where cast(\"" + column + "\" as varchar) like ?")) {
            found.setString(1, "%" + text + "%");
            try (ResultSet count = found.executeQuery()) {
                return count.next() && count.getInt(1) > 0;
            }
        }
    }
}
