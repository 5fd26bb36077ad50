package littlesummit.app.exchange.archive.rows;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashSet;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import littlesummit.app.ApiTest;
import littlesummit.app.rows.Tables;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** No table of a class is forgotten, also none that is added later. */
class ClassTableTest extends ApiTest {
    @Autowired
    private DataSource data;

    private static Set<String> pointingTo(Connection connection, String table) throws SQLException {
        Set<String> pointing = new TreeSet<>();
        try (ResultSet keys = connection
                .getMetaData()
                .getExportedKeys(connection.getCatalog(), connection.getSchema(), Tables.stored(connection, table))) {
            while (keys.next()) {
                String found = keys.getString("FKTABLE_NAME");
                if (!Tables.isPart(connection, found)) {
                    pointing.add(Tables.written(found));
                }
            }
        }
        return pointing;
    }

    @Test
    void everyTableThatHangsOnAClassComesAlongOrIsKnownToStay() throws SQLException {
        Set<String> hanging = new TreeSet<>();
        try (Connection connection = data.getConnection()) {
            Set<String> next = new TreeSet<>(Set.of("SCHOOL_CLASS", "PERSON"));
            while (!next.isEmpty()) {
                Set<String> found = new TreeSet<>();
                for (String table : next) {
                    found.addAll(pointingTo(connection, table));
                }
                found.removeAll(hanging);
                hanging.addAll(found);
                next = found;
            }
        }
        hanging.remove("PERSON");
        Set<String> known =
                ClassTable.ALL.stream().map(ClassTable::name).collect(Collectors.toCollection(TreeSet::new));
        known.addAll(ClassTable.STAYING);
        assertEquals(known, hanging);
    }

    @Test
    void eachTableComesAfterThoseThatItPointsTo() throws SQLException {
        Set<String> before = new HashSet<>(Set.of("SCHOOL_CLASS", "PERSON", "ITEM_CONTENT"));
        try (Connection connection = data.getConnection()) {
            for (ClassTable table : ClassTable.ALL) {
                for (Column column : Column.of(connection, table.name())) {
                    assertTrue(column.to().isEmpty() || before.contains(column.to()), table.name() + " " + column);
                }
                before.add(table.name());
            }
        }
    }
}
