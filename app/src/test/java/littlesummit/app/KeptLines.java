package littlesummit.app;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import littlesummit.app.web.Json;
import littlesummit.app.web.Schema;

/** Events that an earlier release has written, one a line; never changed. */
public final class KeptLines {
    private static final ObjectMapper PLAIN = new ObjectMapper();

    private KeptLines() {}

    /**
     * Every line is read, by the name that it has, and while there is one shape it is written again in the same words.
     *
     * @param file in src/test/resources/kept, of shape 1
     * @param thereAndBack from what is kept to the event of core, and to what is kept again
     * @param name of the event of core
     * @param kinds that there were
     */
    public static <T> void areRead(
            String file,
            Json json,
            Schema<T> schema,
            UnaryOperator<T> thereAndBack,
            Function<T, String> name,
            Set<String> kinds)
            throws IOException {
        Set<String> found = lines(file).stream()
                .map(line -> name.apply(json.read(line, 1, schema)))
                .collect(Collectors.toSet());
        assertEquals(kinds, found, "the sample has every kind that there was");
        for (String line : lines(file)) {
            JsonNode before = PLAIN.readTree(line);
            T kept = json.read(line, 1, schema);
            assertEquals(before.at("/kind").textValue(), name.apply(kept));
            JsonNode after = PLAIN.readTree(json.write(thereAndBack.apply(kept), schema));
            assertEquals(schema.newest() == 1 ? before : PLAIN.readTree(json.write(kept, schema)), after);
        }
    }

    private static List<String> lines(String file) {
        try {
            return Files.readAllLines(Path.of("src/test/resources/kept", file));
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }
}
