package littlesummit.app;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.BeforeEach;
import org.mockito.Mockito;
import org.springframework.test.context.bean.override.mockito.MockitoBean;

/** The same on a clock that the test sets: a Monday morning to begin with. */
public abstract class ClockedApiTest extends ApiTest {
    @MockitoBean
    private Clock clock;
    /** What the server takes for now. */
    protected Instant now = Instant.parse("2026-05-04T08:00:00Z");

    @BeforeEach
    void aMondayMorning() {
        Mockito.when(clock.instant()).thenAnswer(call -> now);
        Mockito.when(clock.getZone()).thenReturn(ZoneOffset.UTC);
    }
}
