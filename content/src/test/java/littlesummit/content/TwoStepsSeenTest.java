package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Equations in two steps, solved by putting in every whole number until one fits. */
class TwoStepsSeenTest {
    private static final Pattern LINE = Pattern.compile("(-?\\d*)x([+-]\\d+) = (-?\\d+)");
    private static final Pattern QUOTIENT = Pattern.compile("\\\\frac\\{x}\\{(\\d+)}\\+(\\d+) = (\\d+)");
    private static final Pattern BRACKET = Pattern.compile("(\\d+)\\\\left\\(x([+-]\\d+)\\\\right\\) = (-?\\d+)");

    private static List<Item> items(String kind) {
        return SeenItems.of("equations-two-step", kind);
    }

    private interface Fits {
        boolean at(long x, Matcher numbers);
    }

    private static void onlyOneFits(String kind, Pattern pattern, Fits fits) {
        items(kind).forEach(item -> {
            Matcher numbers = pattern.matcher(SeenItems.formula(item));
            numbers.find();
            int[] solutions = IntStream.rangeClosed(-300, 300)
                    .filter(x -> fits.at(x, numbers))
                    .toArray();
            assertEquals(1, solutions.length, SeenItems.formula(item));
            SeenItems.comesTo(solutions[0], item);
        });
    }

    private static long whole(String text) {
        return text.isEmpty() ? 1 : text.equals("-") ? -1 : Long.parseLong(text.replace("+", ""));
    }

    @ParameterizedTest
    @ValueSource(strings = {"plus", "minus", "negative"})
    void aProductAndAnotherNumber(String kind) {
        onlyOneFits(kind, LINE, (x, n) -> whole(n.group(1)) * x + whole(n.group(2)) == whole(n.group(3)));
    }

    @Test
    void aQuotient() {
        onlyOneFits(
                "quotient",
                QUOTIENT,
                (x, n) -> x + whole(n.group(2)) * whole(n.group(1)) == whole(n.group(3)) * whole(n.group(1)));
    }

    @Test
    void aBracket() {
        onlyOneFits("bracket", BRACKET, (x, n) -> whole(n.group(1)) * (x + whole(n.group(2))) == whole(n.group(3)));
    }

    /** What is paid for all of them and what is paid besides come to the whole. */
    @Test
    void aStory() {
        items("story").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            String text = SeenItems.text(item);
            boolean isBought = text.contains("buys");
            double count = isBought ? n[0] : n[2];
            double besides = n[1];
            double whole = isBought ? n[2] : n[0];
            SeenItems.comesTo((whole - besides) / count, item);
        });
    }

    @Test
    void theWrongStepIsTheFirstThatDoesNotFit() {
        Pattern given = Pattern.compile("(\\d+)x\\+(\\d+) = (\\d+)");
        Pattern first = Pattern.compile("step 1, \\$\\d+x = (\\d+)");
        Pattern second = Pattern.compile("step 2, \\$x = (-?\\d+(?:\\.\\d+)?)");
        items("wrong-step").forEach(item -> {
            String table = SeenItems.table(item).toString();
            Matcher g = given.matcher(table);
            Matcher one = first.matcher(table);
            Matcher two = second.matcher(table);
            g.find();
            one.find();
            two.find();
            long a = whole(g.group(1));
            long right = whole(g.group(3)) - whole(g.group(2));
            String wrong =
                    whole(one.group(1)) != right ? "a" : Double.parseDouble(two.group(1)) == right - a ? "b" : "c";
            assertEquals(wrong, SeenItems.first(item).answer().expected(), table);
            SeenItems.comesTo((double) right / a, item);
        });
    }
}
