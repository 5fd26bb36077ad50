package littlesummit.content.code.data;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/**
 * Values of a series, and what they come to.
 *
 * @param values in order of the days
 */
record Measured(List<Rational> values) {
    static final String WANTED = "a decimal number rounded to tenths";

    /** Whole numbers, or tenths, not all of them near each other: the one in the middle is seldom the mean. */
    static Measured drawn(Draw draw, int count, int low, int high, boolean tenths) {
        List<Rational> values = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            values.add(
                    tenths ? Rational.of(draw.between(low * 10, high * 10), 10) : Rational.of(draw.between(low, high)));
        }
        return new Measured(values);
    }

    int count() {
        return values.size();
    }

    Rational sum() {
        return values.stream().reduce(Rational.ZERO, Rational::plus);
    }

    Rational mean() {
        return sum().over(Rational.of(count()));
    }

    Rational median() {
        List<Rational> sorted = values.stream().sorted().toList();
        return count() % 2 == 1
                ? sorted.get(count() / 2)
                : sorted.get(count() / 2 - 1).plus(sorted.get(count() / 2)).over(Rational.of(2));
    }

    List<String> days() {
        return IntStream.rangeClosed(1, count()).mapToObj(i -> "day " + i).toList();
    }

    /** With tenths in all of them where one has them, as they are read off an instrument. */
    List<String> cells() {
        boolean whole = values.stream().allMatch(Rational::isInteger);
        return values.stream()
                .map(value -> whole ? Tex.plain(value) : Tex.plain(value, 1))
                .toList();
    }

    /** All values with signs of addition between them. */
    String added() {
        return values.stream().map(Tex::plain).collect(Collectors.joining(" + "));
    }

    /** The sum over how many, as a fraction in LaTeX. */
    static String share(Rational sum, Rational count) {
        return "\\frac{" + Tex.plain(sum) + "}{" + Tex.plain(count) + "}";
    }

    static AnswerSpec rounded(Rational exact) {
        return AnswerSpec.number(new Form.Rounded(1, false), Linear.fraction(exact));
    }

    /** A typed mean, with what goes wrong at its end. */
    static Field field(String label, Rational exact, Mistakes mistakes) {
        Rational rounded = exact.roundHalfUp(1);
        mistakes.addIf(
                        !exact.truncate(1).equals(rounded),
                        Tex.plain(exact.truncate(1)),
                        "cut-off",
                        "The digits were cut off. Look at the next digit before you round.")
                .addIf(
                        !exact.equals(rounded),
                        Tex.plain(exact.roundHalfUp(2)),
                        "not-rounded",
                        "Round to one place after the point.");
        return Field.typed("answer", label, WANTED, rounded(exact), mistakes.list());
    }

    static String one(Rational value) {
        return Tex.plain(value.roundHalfUp(1));
    }

    /** The last step: exact where it is, else rounded. */
    static String ends(String quotient, Rational exact) {
        return exact.equals(exact.roundHalfUp(1)) ? Tex.plain(exact) : quotient + " \\approx " + one(exact);
    }

    static String endWords(Rational exact) {
        return exact.equals(exact.roundHalfUp(1)) ? "Divide." : "Divide, and round to tenths.";
    }
}
