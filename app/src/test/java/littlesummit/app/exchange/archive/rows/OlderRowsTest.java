package littlesummit.app.exchange.archive.rows;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.app.web.Problem;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rows of an archive that was made before a column was added: the column gets what the database gives it. */
class OlderRowsTest {
    private static final ClassTable HUT = new ClassTable("HUT", "ID = ?");
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private Connection connection;

    @BeforeEach
    void aTableThatHasGrown() throws SQLException {
        connection = DriverManager.getConnection("jdbc:h2:mem:grown");
        try (Statement make = connection.createStatement()) {
            make.execute("create table HUT (ID varchar(40) primary key, TITLE varchar(40) not null,"
                    + " BEDS int default 7 not null, NOTE varchar(40))");
        }
    }

    @AfterEach
    void gone() throws SQLException {
        connection.close();
    }

    private RowsIn.Table table(Optional<Set<String>> known) throws SQLException {
        RowsIn.Arrival arrival = new RowsIn.Arrival("class", "instructor", Set.of(), Map.of());
        return new RowsIn(connection, arrival, new NewIds()).new Table(HUT, known);
    }

    private static ObjectNode row(String id, String title) {
        return MAPPER.createObjectNode().put("id", id).put("title", title);
    }

    private String there() throws SQLException {
        try (Statement ask = connection.createStatement();
                ResultSet row = ask.executeQuery("select TITLE, BEDS, NOTE from HUT")) {
            assertTrue(row.next());
            return row.getString(1) + " " + row.getInt(2) + " " + row.getString(3);
        }
    }

    @Test
    void whatWasAddedSinceGetsItsDefault() throws SQLException {
        try (RowsIn.Table table = table(Optional.of(Set.of("id", "title")))) {
            table.take(row("a", "Pass"));
        }
        assertEquals("Pass 7 null", there());
    }

    @Test
    void whatOneRowLacksAndOthersHaveIsDamage() throws SQLException {
        try (RowsIn.Table table = table(Optional.of(Set.of("id", "title", "beds")))) {
            Problem refused = assertThrows(Problem.class, () -> table.take(row("a", "Pass")));
            assertTrue(refused.getMessage().contains("has no “beds”"), refused.getMessage());
        }
    }

    @Test
    void inAnArchiveOfTodayNothingMayBeMissing() throws SQLException {
        try (RowsIn.Table table = table(Optional.empty())) {
            assertThrows(Problem.class, () -> table.take(row("a", "Pass")));
        }
    }

    @Test
    void whatCannotBeEmptyAndHasNoDefaultIsRefused() throws SQLException {
        try (RowsIn.Table table = table(Optional.of(Set.of("id")))) {
            assertThrows(
                    Problem.class, () -> table.take(MAPPER.createObjectNode().put("id", "a")));
        }
    }

    @ParameterizedTest
    @CsvSource({"19, 20, true", "19, 19, false", "20, 20, false", "19, 19.1, true", "20, 100, true"})
    void olderLayoutsAreTakenFromTheOldestOn(String theirs, String here, boolean older) {
        assertEquals(older, About.isOlder(about(theirs), here));
    }

    @ParameterizedTest
    @CsvSource({"20, 19, newer", "100, 20, newer", "18, 20, old version", "3, 19, old version", "nineteen, 19, does not"
    })
    void othersAreRefusedAndTheReasonIsSaid(String theirs, String here, String said) {
        Problem refused = assertThrows(Problem.class, () -> About.isOlder(about(theirs), here));
        assertTrue(refused.getMessage().contains(said), refused.getMessage());
    }

    @Test
    void whatIsNoArchiveOfAClassIsRefused() {
        assertThrows(Problem.class, () -> About.isOlder(Optional.empty(), "19"));
        Optional<ObjectNode> other =
                Optional.of(MAPPER.createObjectNode().put("what", "recipes").put("layout", "19"));
        assertThrows(Problem.class, () -> About.isOlder(other, "19"));
        assertFalse(About.isOlder(about("19"), "19"));
    }

    private static Optional<ObjectNode> about(String layout) {
        return Optional.of(MAPPER.valueToTree(About.here(layout)));
    }
}
