package littlesummit.app.classroom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import littlesummit.app.web.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvTest {
    /** The signs that OWASP names under CSV Injection, and what RFC 4180 quotes. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "=1+1",
                "+1",
                "-2+3",
                "@SUM(A1)",
                "\tx",
                "plain",
                "two, three",
                "a \"quoted\" word",
                "line\r\nbreak",
                "'tis",
                "'=1",
                "-4.5",
                "Zoë"
            })
    void whatGoesOutComesInEqualAndIsNoFormula(String cell) {
        String csv = Csv.write(List.of("name"), List.of(List.of(cell)));
        assertEquals(cell.strip(), Csv.read(csv).getFirst().get("name").strip());
        String written = csv.substring(csv.indexOf('\n') + 1);
        assertFalse(
                written.startsWith("=")
                        || written.startsWith("+")
                        || written.startsWith("@")
                        || written.startsWith("\"" + "=")
                        || written.startsWith("-2+"),
                csv);
    }

    @Test
    void aTableWithTheSameNameTwiceIsRefused() {
        assertThrows(Problem.class, () -> Csv.read("a,a\n1,2\n"));
        assertEquals(List.of(), Csv.read(""));
    }

    @Test
    void aMarkOfTheByteOrderIsNoPartOfAName() {
        assertEquals("x", Csv.read("\uFEFFname\nx\n").getFirst().get("name"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "givenName,familyName,username\nMira,Stone,mira\n",
                "Given Name;Family_Name;USERNAME\r\nMira;Stone;mira\r\n",
                "givenname\tfamilyname\tusername\nMira\tStone\tmira"
            })
    void namesOfColumnsAndWhatStandsBetweenMayVary(String table) {
        assertEquals(List.of(Map.of("givenname", "Mira", "familyname", "Stone", "username", "mira")), Csv.read(table));
    }

    @Test
    void aSemicolonInACellIsNoBorderWhereCommasAre() {
        assertEquals(
                "Stone; Mira",
                Csv.read("name,username\nStone; Mira,mira\n").getFirst().get("name"));
    }

    @Test
    void aTableThatIsTooLongIsRefused() {
        String rows = "name\n" + "x\n".repeat(301);
        assertTrue(
                assertThrows(Problem.class, () -> Csv.read(rows)).getMessage().contains("at most 300"));
    }
}
