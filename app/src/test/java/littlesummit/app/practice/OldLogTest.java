package littlesummit.app.practice;

import java.io.IOException;
import java.util.Set;
import littlesummit.app.ApiTest;
import littlesummit.app.KeptLines;
import littlesummit.app.web.Json;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A log that was written by the first release is read today, and written in the same words. */
class OldLogTest extends ApiTest {
    @Autowired
    private Json json;

    @Test
    void everyEventIsRead() throws IOException {
        KeptLines.areRead(
                "practice-events-1.jsonl",
                json,
                PracticeEventDto.SCHEMA,
                kept -> PracticeEventDto.of(kept.toCore()),
                kept -> kept.toCore().getClass().getSimpleName(),
                Set.of(
                        "Served",
                        "Tried",
                        "HintOpened",
                        "ExampleOpened",
                        "SolutionOpened",
                        "GivenUp",
                        "WorkShown",
                        "WorkRead"));
    }
}
