package littlesummit.app.upkeep;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every moment is in one half of a year. */
class TermTest {
    @ParameterizedTest
    @CsvSource({
        "2026-02-01T00:00:00Z, 2026-02-01, 2026_02",
        "2026-07-31T23:59:59Z, 2026-02-01, 2026_02",
        "2026-08-01T00:00:00Z, 2026-08-01, 2026_08",
        "2026-12-31T23:59:59Z, 2026-08-01, 2026_08",
        "2027-01-31T23:59:59Z, 2026-08-01, 2026_08",
        "2028-02-29T12:00:00Z, 2028-02-01, 2028_02",
        "2026-03-31T12:00:00Z, 2026-02-01, 2026_02",
    })
    void aMomentIsInTheTermThatHasBegunLast(Instant moment, LocalDate start, String suffix) {
        assertEquals(start, Term.of(moment).start());
        assertEquals(suffix, Term.of(moment).suffix());
    }

    @Test
    void oneTermBeginsWhereTheOneBeforeEnds() {
        Term term = Term.of(Instant.parse("2024-05-05T05:05:05Z"));
        for (int i = 0; i < 12; i++) {
            assertEquals(term.to(), term.next().from());
            assertEquals(term, Term.of(term.from()));
            assertEquals(term, Term.of(term.to().minusNanos(1)));
            assertEquals(term.next(), Term.of(term.to()));
            assertFalse(Duration.between(term.from(), term.to()).toDays() > 184);
            term = term.next();
        }
        assertEquals(LocalDate.of(2030, 2, 1), term.start());
    }
}
