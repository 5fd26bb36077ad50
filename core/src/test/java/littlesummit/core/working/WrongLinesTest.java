package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import littlesummit.core.grading.Reader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Wrong steps as students make them; wrong-lines.csv says beside each where it is from. */
class WrongLinesTest {
    private static Set<String> letters(String named) {
        return named == null ? Set.of() : Set.of(named.split(" "));
    }

    @ParameterizedTest
    @CsvFileSource(resources = "wrong-lines.csv", delimiter = ';')
    void isRefusedAndItsSlipNamed(String given, String letters, String line, String slip, String source) {
        CheckedLine checked =
                WorkCheck.check(given, letters(letters), List.of(line)).getFirst();

        assertEquals(LineVerdict.DOES_NOT_FOLLOW, checked.verdict(), checked.message());
        assertEquals(slip, checked.slip().map(Slip::code).orElse("no"));
    }

    /** The sentence tells neither the answer nor a next line: it holds no number. */
    @Test
    void noSentenceHoldsANumber() {
        for (Slip slip : Slip.values()) {
            assertFalse(slip.sentence().matches(".*\\d.*"), slip.sentence());
        }
    }

    /** The place that is shown was written by the student or by the item. */
    @ParameterizedTest
    @CsvFileSource(resources = "wrong-lines.csv", delimiter = ';')
    void thePlaceIsAPieceOfOneOfTheTwoLines(String given, String letters, String line, String slip, String source) {
        CheckedLine checked =
                WorkCheck.check(given, letters(letters), List.of(line)).getFirst();
        String both = latex(given, letters) + " " + latex(line, letters);

        checked.place()
                .ifPresent(place -> assertTrue(
                        both.replace(" ", "").contains(place.replace(" ", "")) || isSigned(place, both),
                        place + " in " + both));
    }

    /** A coefficient with the minus that stands before its term. */
    private static boolean isSigned(String place, String both) {
        return place.startsWith("-")
                && both.replace(" ", "").contains(place.substring(1).replace(" ", ""));
    }

    private static String latex(String text, String letters) {
        return Reader.read(text, littlesummit.core.math.Syntax.line(letters(letters)))
                .latex();
    }

    @Test
    void everySlipHasARow() {
        try (Stream<String> rows = new java.io.BufferedReader(
                        new java.io.InputStreamReader(WrongLinesTest.class.getResourceAsStream("wrong-lines.csv")))
                .lines()) {
            List<String> named = rows.filter(r -> !r.startsWith("#"))
                    .map(r -> r.split(";")[3])
                    .toList();
            assertTrue(named.size() >= 120);
            for (Slip slip : Slip.values()) {
                assertTrue(named.contains(slip.code()), slip.code());
            }
        }
    }
}
