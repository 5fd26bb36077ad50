package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.ApiTest;
import littlesummit.app.KeptLines;
import littlesummit.app.web.Json;
import littlesummit.core.practice.PracticeEvent;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A log that was written by the first release, in src/test/resources/kept, is read today, and written in the same words. */
class OldLogTest extends ApiTest {
    @Autowired
    private Json json;
    @Autowired
    private ObjectMapper mapper;

    @Test
    void everyEventIsRead() throws IOException {
        for (String line : KeptLines.of("practice-events-1.jsonl")) {
            PracticeEvent event = json.read(line, 1, PracticeEventDto.SCHEMA).toCore();
            assertEquals(mapper.readTree(line).at("/kind").textValue(), event.getClass().getSimpleName());
            assertEquals(mapper.readTree(line).at("/itemId").textValue(), event.itemId());
            if (PracticeEventDto.SCHEMA.newest() == 1) {
                assertEquals(mapper.readTree(line), mapper.readTree(json.write(PracticeEventDto.of(event), PracticeEventDto.SCHEMA)));
            }
        }
    }

    @Test
    void theSampleHasEveryKindThatThereWas() throws IOException {
        Set<String> kinds = KeptLines.of("practice-events-1.jsonl").stream().map(line -> json.read(line, 1, PracticeEventDto.SCHEMA).getClass().getSimpleName()).collect(Collectors.toSet());
        assertEquals(Set.of("Served", "Tried", "HintOpened", "ExampleOpened", "SolutionOpened", "GivenUp", "WorkShown", "WorkRead"), kinds);
        assertTrue(Stream.of(PracticeEventDto.class.getPermittedSubclasses()).map(Class::getSimpleName).toList().containsAll(kinds));
    }
}
