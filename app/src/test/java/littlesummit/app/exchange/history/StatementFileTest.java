package littlesummit.app.exchange.history;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.exchange.history.StatementFile.Line;
import littlesummit.app.exchange.history.StatementFile.Who;
import littlesummit.app.web.Problem;
import org.junit.jupiter.api.Test;

class StatementFileTest {
    private static final Instant NOW = Instant.parse("2026-11-20T12:00:00Z");
    private static final String ONE = """
        {"id":"7f3c8a52-6a57-4a3e-9d6a-8f5b1c2d3e4f","actor":{"account":\
            {"homePage":"https://hut.example","name":"nela"},\
        "name":"Nela"},"verb":{"id":"http://adlnet.gov/expapi/verbs/answered","display":{"en":"answered"}},\
        "object":{"id":"https://hut.example/items/9","definition":{"name":{"de":"Seil","en":"Rope"}}},\
        "result":{"success":true,"score":{"scaled":0.85}},"timestamp":"2026-11-02T10:00:00+02:00"}\
        """;

    private static List<Line> lines(String text) {
        return StatementFile.lines(text.getBytes(StandardCharsets.UTF_8), NOW);
    }

    private static Line.Read read(String text) {
        return assertInstanceOf(Line.Read.class, lines(text).getFirst());
    }

    private static String refused(String text) {
        return assertInstanceOf(Line.Refused.class, lines(text).getFirst()).says();
    }

    @Test
    void aStatementSaysWhoDidWhatAndWhen() {
        Line.Read read = read(ONE);
        assertEquals(new Who("nela", "", "Nela"), read.who());
        assertEquals(
                new OutsideDeed(
                        "7f3c8a52-6a57-4a3e-9d6a-8f5b1c2d3e4f",
                        Instant.parse("2026-11-02T08:00:00Z"),
                        "answered",
                        "Rope",
                        Optional.of(true),
                        Optional.of(85)),
                read.deed());
    }

    @Test
    void anArrayIsReadAsLinesAre() {
        assertEquals(
                List.of(1, 2),
                lines("\uFEFF[" + ONE + "," + ONE + "]").stream()
                        .map(line -> ((Line.Read) line).at())
                        .toList());
        assertEquals(2, lines(ONE + "\r\n\r\n" + ONE).size());
    }

    @Test
    void whatIsNotSaidIsLeftOpen() {
        Line.Read read = read(ONE.replaceAll("\"result\":\\{.*}},", "").replaceAll(",\"definition\":\\{.*?}}", ""));
        assertEquals(Optional.empty(), read.deed().success());
        assertEquals(Optional.empty(), read.deed().percent());
        assertEquals("9", read.deed().title());
        assertEquals("Seil", read(ONE.replace(",\"en\":\"Rope\"", "")).deed().title());
        assertEquals(
                new Who("", "nela", ""),
                read(ONE.replaceAll("\"actor\":\\{.*?\"Nela\"}", "\"actor\":{\"mbox\":\"mailto:nela@hut.example\"}"))
                        .who());
    }

    @Test
    void whatIsNoStatementIsSaidToBeNone() {
        assertEquals("This line is no JSON.", refused("{\"id\":"));
        assertTrue(refused("{}").startsWith("This is no statement"));
        assertTrue(refused("7").startsWith("This is no statement"));
        assertTrue(refused(ONE.replace("\"actor\"", "\"who\"")).startsWith("This is no statement"));
        assertTrue(refused(ONE.replaceAll(",\"timestamp\":\"[^\"]*\"", "")).contains("timestamp"));
        assertTrue(
                refused(ONE.replace("2026-11-02T10:00:00+02:00", "yesterday")).contains("timestamp"));
        assertEquals("Its time lies before 1970.", refused(ONE.replace("2026-11-02", "-999999999-11-02")));
        assertEquals("Its time lies in the future.", refused(ONE.replace("2026-11-02", "2027-11-02")));
        assertEquals(2, ((Line.Refused) lines(ONE + "\nno").getLast()).at());
    }

    @Test
    void aFileThatIsNoneIsRefusedWhole() {
        assertThrows(Problem.class, () -> lines("  "));
        Problem broken = assertThrows(Problem.class, () -> lines("[" + ONE + ",\n{"));
        assertTrue(broken.getMessage().contains("line 2"), broken.getMessage());
        assertThrows(Problem.class, () -> lines("{}\n".repeat(20_001)));
        Problem deep = assertThrows(Problem.class, () -> lines("[".repeat(2000)));
        assertTrue(deep.getMessage().endsWith("lies within something else."), deep.getMessage());
        assertEquals("This line is no JSON.", refused("{\"a\":".repeat(2000)));
    }

    @Test
    void nothingLongAndNothingHiddenComesIn() {
        OutsideDeed deed = read(ONE.replace("Rope", "R".repeat(5000) + "\\u0000\\u001b[31m"))
                .deed();
        assertEquals(200, deed.title().length());
        assertEquals("a b", read(ONE.replace("Rope", "a\\u0007b")).deed().title());
        assertEquals(Optional.of(100), read(ONE.replace("0.85", "1e99")).deed().percent());
    }
}
