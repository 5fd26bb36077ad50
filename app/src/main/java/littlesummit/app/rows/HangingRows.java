package littlesummit.app.rows;

import jakarta.persistence.EntityManager;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.Session;
import org.springframework.stereotype.Component;

/**
 * The rows that hang on a person or a class, found by the foreign keys of the database and not by a list: a table that
 * is added later is emptied as well.
 */
@Component
public class HangingRows {
    private final EntityManager entities;

    HangingRows(EntityManager entities) {
        this.entities = entities;
    }

    /**
     * A foreign key.
     *
     * @param of the table that points, by this column
     * @param to the column that is pointed to
     */
    private record Key(String of, String column, String to) {}

    /** Deletes the person's row and all that hangs on it, in the transaction that is open. */
    public void deleteWith(String personId) {
        delete("PERSON", personId);
    }

    /** Deletes the row of a class and all that hangs on it: its students, what they did, and what was set for them. */
    public void deleteWithClass(String classId) {
        delete("SCHOOL_CLASS", classId);
    }

    private void delete(String table, String id) {
        entities.flush();
        entities.unwrap(Session.class).doWork(connection -> delete(connection, table, "ID = ?", id));
        entities.clear();
    }

    /** @param which a condition with the id for its only parameter */
    private static void delete(Connection connection, String table, String which, String id) throws SQLException {
        for (Key key : keysTo(connection, table)) {
            String pointing = key.column + " in (select " + key.to + " from " + table + " where " + which + ")";
            delete(connection, key.of, pointing, id);
        }
        try (PreparedStatement rows = connection.prepareStatement("delete from " + table + " where " + which)) {
            rows.setString(1, id);
            rows.executeUpdate();
        }
    }

    private static List<Key> keysTo(Connection connection, String table) throws SQLException {
        List<Key> keys = new ArrayList<>();
        try (ResultSet found = connection
                .getMetaData()
                .getExportedKeys(connection.getCatalog(), connection.getSchema(), Tables.stored(connection, table))) {
            while (found.next()) {
                String pointing = found.getString("FKTABLE_NAME");
                if (!Tables.isPart(connection, pointing)) {
                    keys.add(new Key(pointing, found.getString("FKCOLUMN_NAME"), found.getString("PKCOLUMN_NAME")));
                }
            }
        }
        return keys;
    }
}
