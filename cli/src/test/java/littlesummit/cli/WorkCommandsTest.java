package littlesummit.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The commands about lines of work and about simulated learners. */
class WorkCommandsTest {
    private static String check(String input) throws IOException {
        StringWriter out = new StringWriter();
        BufferedWriter writer = new BufferedWriter(out);
        JsonLines.each(new BufferedReader(new StringReader(input)), writer, CheckWorkCommand::answer);
        writer.flush();
        return out.toString();
    }

    @Test
    void aSlipIsNamedAndTheNextLineIsComparedWithTheWrongOne() throws IOException {
        JsonNode out = JsonLines.JSON.readTree(check(
                "{\"id\":\"w1\",\"given\":\"3(x-4)=18\",\"variables\":[\"x\"],\"lines\":[\"3x-4=18\",\"3x=22\"]}"));

        assertEquals("w1", out.at("/id").textValue());
        assertEquals("does-not-follow", out.at("/lines/0/verdict").textValue());
        assertEquals("half-distributed", out.at("/lines/0/slip").textValue());
        assertTrue(out.at("/lines/0/message").textValue().length() > 20);
        assertEquals("follows", out.at("/lines/1/verdict").textValue());
        assertTrue(out.at("/lines/1/slip").isMissingNode());
    }

    @Test
    void whatCannotBeReadSaysWhere() throws IOException {
        JsonNode line = JsonLines.JSON
                .readTree(check("{\"id\":1,\"given\":\"x=1\",\"variables\":[\"x\"],\"lines\":[\"x = * 4\"]}"))
                .at("/lines/0");

        assertEquals("unreadable", line.at("/verdict").textValue());
        assertEquals(4, line.at("/at").intValue());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"id\":1}",
                "{\"id\":1,\"lines\":\"x\"}",
                "{\"id\":1,\"lines\":[3]}",
                "{\"id\":1,\"lines\":[],\"given\":3}",
                "[]",
                "no json"
            })
    void aBadLineOfInputIsAnError(String input) throws IOException {
        assertTrue(JsonLines.JSON.readTree(check(input)).has("error"));
    }

    private static String simulate(String... options) throws IOException {
        StringWriter out = new StringWriter();
        BufferedWriter writer = new BufferedWriter(out);
        int code = SimulateCommand.run(List.of(options), writer);
        writer.flush();
        return code + "\n" + out;
    }

    @Test
    void theTableHasARowForEveryTarget() throws IOException {
        String table = simulate("--students", "40", "--seed", "3");

        for (String target : List.of("score:80", "run:3/5", "percent:75/10")) {
            assertTrue(table.contains("| `" + target + "` |"), table);
        }
        assertEquals(table, simulate("--students", "40", "--seed", "3"));
    }

    @Test
    void optionsThatMakeNoSenseAreRefused() throws IOException {
        assertEquals("2\n", simulate("--slip", "2"));
        assertEquals("2\n", simulate("--students", "0"));
        assertEquals("2\n", simulate("--peaks", "3"));
        assertEquals("2\n", simulate("--slip"));
    }
}
