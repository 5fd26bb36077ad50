package littlesummit.app.rows;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Locale;

/** Names of tables and columns: capitals here and in archives, however a database keeps them. */
public final class Tables {
    private Tables() {}

    /** As this database knows a name. */
    public static String stored(Connection connection, String name) throws SQLException {
        return connection.getMetaData().storesLowerCaseIdentifiers() ? name.toLowerCase(Locale.ROOT) : name;
    }

    /** Whether a table is a part of another one: whatever is done to that is done to it. */
    public static boolean isPart(Connection connection, String name) throws SQLException {
        if (!connection.getMetaData().getDatabaseProductName().equals("PostgreSQL")) {
            return false;
        }
        try (PreparedStatement asked =
                connection.prepareStatement("select relispartition from pg_class where oid = to_regclass(?)")) {
            asked.setString(1, stored(connection, name));
            try (ResultSet found = asked.executeQuery()) {
                return found.next() && found.getBoolean(1);
            }
        }
    }

    /** As a name is written here. */
    public static String written(String name) {
        return name.toUpperCase(Locale.ROOT);
    }
}
