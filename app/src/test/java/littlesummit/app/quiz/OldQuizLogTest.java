package littlesummit.app.quiz;

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
import littlesummit.core.quiz.QuizEvent;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A log that was written by the first release, in src/test/resources/kept, is read today, and written in the same words. */
class OldQuizLogTest extends ApiTest {
    @Autowired
    private Json json;
    @Autowired
    private ObjectMapper mapper;

    @Test
    void everyEventIsRead() throws IOException {
        for (String line : KeptLines.of("quiz-events-1.jsonl")) {
            QuizEvent event = json.read(line, 1, QuizEventDto.SCHEMA).toCore();
            assertEquals(mapper.readTree(line).at("/kind").textValue(), event.getClass().getSimpleName());
            if (QuizEventDto.SCHEMA.newest() == 1) {
                assertEquals(mapper.readTree(line), mapper.readTree(json.write(QuizEventDto.of(event), QuizEventDto.SCHEMA)));
            }
        }
    }

    @Test
    void theSampleHasEveryKindThatThereWas() throws IOException {
        Set<String> kinds = KeptLines.of("quiz-events-1.jsonl").stream().map(line -> json.read(line, 1, QuizEventDto.SCHEMA).getClass().getSimpleName()).collect(Collectors.toSet());
        assertEquals(Set.of("Started", "Saved", "Flagged", "Submitted", "Corrected"), kinds);
        assertTrue(Stream.of(QuizEventDto.class.getPermittedSubclasses()).map(Class::getSimpleName).toList().containsAll(kinds));
    }
}
