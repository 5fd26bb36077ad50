package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.content.code.function.BinomialCoefficients;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Syntax;
import littlesummit.core.skill.Linear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the skills compute, against values published elsewhere; the source stands beside each. */
class PublishedValuesTest {
    /**
     * Certified means of NIST's Statistical Reference Datasets, univariate summary statistics: NumAcc1 is the three
     * numbers given; NumAcc2 to NumAcc4 are a number followed by 500 pairs that lie a tenth below and above it. Data
     * and values from memory of the published files.
     */
    @ParameterizedTest
    @CsvSource({
        "10000001 10000003 10000002, 0, 10000002",
        "1.2, 500, 1.2",
        "1000000.2, 500, 1000000.2",
        "10000000.2, 500, 10000000.2"
    })
    void certifiedMeans(String start, int pairs, String mean) {
        List<Rational> data = new ArrayList<>();
        for (String number : start.split(" ")) {
            data.add(value(number));
        }
        IntStream.range(0, pairs).forEach(i -> {
            data.add(value(start).minus(Rational.of(1, 10)));
            data.add(value(start).plus(Rational.of(1, 10)));
        });
        Rational computed = data.stream().reduce(Rational.ZERO, Rational::plus).over(Rational.of(data.size()));

        assertEquals(value(mean), computed);
        assertEquals(
                Verdict.CORRECT,
                Grader.grade(AnswerSpec.number(new Form.Rounded(1, false), Linear.fraction(computed)), mean));
    }

    private static Rational value(String text) {
        return Canonical.of(Parser.expr(text, Syntax.number())).asRational().orElseThrow();
    }

    /**
     * Rows of Pascal's triangle: OEIS A007318; M. Abramowitz, I. Stegun, Handbook of Mathematical Functions, table
     * 24.1.
     */
    @ParameterizedTest
    @CsvSource({
        "0, 1",
        "4, 1 4 6 4 1",
        "5, 1 5 10 10 5 1",
        "7, 1 7 21 35 35 21 7 1",
        "10, 1 10 45 120 210 252 210 120 45 10 1"
    })
    void binomialCoefficients(int n, String row) {
        assertEquals(
                row,
                IntStream.rangeClosed(0, n)
                        .mapToObj(k -> BinomialCoefficients.of(n, k))
                        .map(BigInteger::toString)
                        .collect(Collectors.joining(" ")));
    }

    /** Expansions by those rows grade as correct. */
    @ParameterizedTest
    @CsvSource({
        "(x+1)^4, x^4+4x^3+6x^2+4x+1",
        "(x-y)^5, x^5-5x^4y+10x^3y^2-10x^2y^3+5xy^4-y^5",
        "(2x+3)^3, 8x^3+36x^2+54x+27"
    })
    void expansions(String power, String expanded) {
        AnswerSpec spec =
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.EXPANDED, power).withLetters("x", "y");

        assertEquals(Verdict.CORRECT, Grader.grade(spec, expanded));
    }

    /** Relative frequencies of a row add to 1 before they are rounded: common practice, no source. */
    @Test
    void relativeFrequenciesOfARowAddToOne() {
        SeenItems.of("two-way-relative", "rows").forEach(item -> {
            List<Field> cells = item.parts().getFirst().fields();
            for (int i = 0; i < cells.size(); i += 2) {
                assertEquals(
                        Rational.ONE,
                        value(cells.get(i).answer().expected())
                                .plus(value(cells.get(i + 1).answer().expected())));
            }
        });
    }

    /** The centre of a circle has the opposite signs of those in its equation: common practice, no source. */
    @Test
    void theCentreMakesBothSquaresZero() {
        SeenItems.of("circle-center", "equation").forEach(item -> {
            String[] pair = item.parts()
                    .getFirst()
                    .fields()
                    .getFirst()
                    .answer()
                    .expected()
                    .replaceAll("[() ]", "")
                    .split(",");
            String left =
                    item.given().split("=")[0].replace("x", "(" + pair[0] + ")").replace("y", "(" + pair[1] + ")");

            assertEquals(Rational.ZERO, value(left));
        });
    }
}
