package littlesummit.app.rows;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.Locale;

/** Names of tables and columns: capitals here and in archives, however a database keeps them. */
public final class Tables {
    private Tables() {}

    /** As this database knows a name. */
    public static String stored(Connection connection, String name) throws SQLException {
        return connection.getMetaData().storesLowerCaseIdentifiers() ? name.toLowerCase(Locale.ROOT) : name;
    }

    /** As a name is written here. */
    public static String written(String name) {
        return name.toUpperCase(Locale.ROOT);
    }
}
