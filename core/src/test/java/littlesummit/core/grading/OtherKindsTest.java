package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;

import java.math.BigInteger;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Units;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Remainders, times of day, money and matrices, beside what the Java library says of them. */
class OtherKindsTest {
    private static Verdict grade(Kind kind, String expected, String entry) {
        return Grader.grade(AnswerSpec.of(kind, Form.Shape.ANY, expected), entry);
    }

    static Stream<LocalTime> times() {
        return IntStream.range(0, 24 * 60).filter(m -> m % 7 == 0).mapToObj(m -> LocalTime.MIN.plusMinutes(m));
    }

    @ParameterizedTest
    @MethodSource("times")
    void everyTimeOfDayIsReadAsTheLibraryWritesIt(LocalTime time) {
        String plain = time.format(DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT));
        for (String pattern : List.of("HH:mm", "h:mm a", "hh:mm a", "HH:mm:ss", "HH'h'mm", "h.mm a")) {
            String written = time.format(DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH));
            assertEquals(Verdict.CORRECT, grade(Kind.TIME, plain, written), written);
        }
        String later = time.plusMinutes(1).format(DateTimeFormatter.ofPattern("h:mm a", Locale.ENGLISH));
        assertInstanceOf(Verdict.Incorrect.class, grade(Kind.TIME, plain, later));
        String other = time.plusHours(12).format(DateTimeFormatter.ofPattern("h:mm a", Locale.ENGLISH));
        assertEquals(Verdict.slip(Reason.HALF_A_DAY), grade(Kind.TIME, plain, other));
    }

    @Test
    void remaindersAreThoseOfTheLibrary() {
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            BigInteger divisor = BigInteger.valueOf(2 + random.nextInt(30));
            BigInteger dividend = BigInteger.valueOf(random.nextInt(2000));
            BigInteger[] both = dividend.divideAndRemainder(divisor);
            String right = dividend + "/" + divisor + " = " + both[0] + " R " + both[1];
            assertEquals(Verdict.CORRECT, grade(Kind.REMAINDER, right, both[0] + " r " + both[1]));
            String once = both[0].subtract(BigInteger.ONE) + " R " + both[1].add(divisor);
            assertEquals(
                    both[0].subtract(BigInteger.ONE).equals(both[1])
                                    && both[1].add(divisor).equals(both[0])
                            ? Verdict.slip(Reason.SWAPPED)
                            : Verdict.slip(Reason.REMAINDER_TOO_LARGE),
                    grade(Kind.REMAINDER, right, once),
                    right + " and " + once);
            assertInstanceOf(
                    Verdict.Incorrect.class,
                    grade(Kind.REMAINDER, right, both[0] + " R " + both[1].add(BigInteger.ONE)));
        }
    }

    /** ISO 4217, as the Java library has it. */
    @ParameterizedTest
    @ValueSource(strings = {"USD", "EUR", "GBP", "CHF", "INR", "JPY"})
    void moneyGoesByItsCode(String code) {
        java.util.Currency currency = java.util.Currency.getInstance(code);
        String name = currency.getDisplayName(Locale.UK).toLowerCase(Locale.ROOT);
        String last = name.substring(name.lastIndexOf(' ') + 1);
        for (String written : List.of(code + " 12.40", "12.40 " + code, "12.40 " + last)) {
            assertEquals(Verdict.CORRECT, grade(Kind.QUANTITY, "12.40 " + code, written), written);
            assertEquals(Verdict.CORRECT, grade(Kind.NUMBER, "12.40", written), written);
        }
        String sign = Units.of(code).orElseThrow().symbol();
        assertEquals(Verdict.CORRECT, grade(Kind.QUANTITY, sign + "12.40", "12.40" + sign));
    }

    @Test
    void noCurrencyIsWorthAnother() {
        List<String> codes = List.of("USD", "EUR", "GBP", "CHF", "INR", "JPY");
        for (String asked : codes) {
            for (String typed : codes) {
                Verdict amount = grade(Kind.QUANTITY, "5 " + asked, "5 " + typed);
                Verdict number = grade(Kind.NUMBER, "5 " + asked, "5 " + typed);
                assertEquals(
                        asked.equals(typed) ? Verdict.CORRECT : Verdict.slip(Reason.OTHER_CURRENCY),
                        amount,
                        asked + " " + typed);
                assertEquals(
                        asked.equals(typed) ? Verdict.CORRECT : new Verdict.Unreadable(Reason.OTHER_CURRENCY, 0),
                        number,
                        asked + " " + typed);
            }
        }
    }

    @Test
    void aMatrixIsWhatEachWayOfWritingItSays() {
        Random random = new Random(7);
        for (int i = 0; i < 200; i++) {
            int rows = 1 + random.nextInt(4);
            int columns = 2 + random.nextInt(3);
            int[][] m = new int[rows][];
            for (int r = 0; r < rows; r++) {
                m[r] = random.ints(columns, -9, 10).toArray();
            }
            String plain = written(m, "[[", ", ", "], [", "]]");
            assertEquals(
                    Verdict.CORRECT,
                    grade(Kind.MATRIX, plain, written(m, "\\begin{pmatrix}", " & ", " \\\\ ", "\\end{pmatrix}")));
            assertEquals(Verdict.CORRECT, grade(Kind.MATRIX, plain, written(m, "((", ",", "),(", "))")));
            if (rows > 1) {
                assertEquals(Verdict.CORRECT, grade(Kind.MATRIX, plain, written(m, "[", " ", "; ", "]")));
            }
            m[random.nextInt(rows)][random.nextInt(columns)] += 1;
            assertInstanceOf(Verdict.Incorrect.class, grade(Kind.MATRIX, plain, written(m, "[[", ",", "],[", "]]")));
        }
    }

    private static String written(int[][] matrix, String open, String comma, String row, String close) {
        return Stream.of(matrix)
                .map(cells -> String.join(
                        comma, IntStream.of(cells).mapToObj(String::valueOf).toList()))
                .collect(java.util.stream.Collectors.joining(row, open, close));
    }

    @Test
    void whatNobodyCanTellIsReadAsBoth() {
        assertInstanceOf(
                Statement.Sequence.class,
                AnswerSpec.of(Kind.TIME, Form.Shape.ANY, "2:30").expectedStatement());
        assertInstanceOf(
                Statement.Value.class,
                AnswerSpec.of(Kind.TIME, Form.Shape.ANY, "02:30").expectedStatement());
    }
}
