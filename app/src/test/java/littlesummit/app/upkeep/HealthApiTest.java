package littlesummit.app.upkeep;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is open to a proxy, and what to nobody. */
class HealthApiTest extends ApiTest {
    @Test
    void aProxyIsToldThatItIsWellAndNothingElse() {
        assertEquals("{\"status\":\"UP\"}", new String(stranger.bytes("/health"), StandardCharsets.UTF_8));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/prometheus",
                "/metrics",
                "/env",
                "/beans",
                "/heapdump",
                "/threaddump",
                "/loggers",
                "/configprops",
                "/mappings",
                "/health/db",
                "/actuator",
                "/actuator/health"
            })
    void nothingElseIsOpen(String path) {
        for (Client who : List.of(stranger, client, instructor)) {
            String shown = new String(who.bytes(path), StandardCharsets.UTF_8);
            assertTrue(isAPageOfTheScreens(shown), path + ": " + shown);
        }
    }

    /** What every address that is none shows, or nothing where the screens are not built. */
    private static boolean isAPageOfTheScreens(String shown) {
        return shown.isEmpty() || shown.toLowerCase(Locale.ROOT).startsWith("<!doctype html>");
    }
}
