package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Tables by cross products, percents by factors in floating point, inequalities by trying numbers on both sides of the
 * end, systems by putting the pair into both equations.
 */
class RatiosAndSystemsSeenTest {
    private static final double CLOSE = 1e-9;
    private static final double STEP = 0.01;
    private static final Pattern PERCENT = Pattern.compile("(\\d+)%");
    private static final Pattern PAIR = Pattern.compile("\\((-?\\d+), (-?\\d+)\\)");
    private static final Pattern END = Pattern.compile("x (<=|>=|<|>) (-?\\d+)");

    private static double cell(Item item, int row, int column) {
        return Double.parseDouble(SeenItems.table(item).get(row).get(column).replace(",", ""));
    }

    @ParameterizedTest
    @ValueSource(strings = {"times", "back", "not-multiple"})
    void bothColumnsHaveOneRatio(String kind) {
        SeenItems.of("ratio-table", kind)
                .forEach(item -> SeenItems.comesTo(cell(item, 1, 1) * cell(item, 0, 2) / cell(item, 0, 1), item));
        SeenItems.seldom(
                SeenItems.of("ratio-table", kind), item -> cell(item, 1, 1) + cell(item, 0, 2) - cell(item, 0, 1));
    }

    @Test
    void theColumnThatDoesNotFit() {
        SeenItems.of("ratio-table", "wrong-column").forEach(item -> {
            double ratio = cell(item, 1, 1) / cell(item, 0, 1);
            for (int column = 2; column <= 4; column++) {
                boolean fits = Math.abs(cell(item, 1, column) - ratio * cell(item, 0, column)) < CLOSE;
                boolean isChosen = SeenItems.chosen(item.parts().getFirst()).endsWith(" " + "ABC".charAt(column - 2));
                assertEquals(!fits, isChosen, item.ref().toString());
                if (isChosen) {
                    SeenItems.comesTo(ratio * cell(item, 0, column), item);
                }
            }
        });
    }

    @Test
    void sharesOfAWhole() {
        SeenItems.of("ratio-table", "share").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            boolean wholeFirst = n[0] > n[1] && n[0] > n[2];
            double whole = wholeFirst ? n[0] : n[2];
            double a = wholeFirst ? n[1] : n[0];
            double b = wholeFirst ? n[2] : n[1];
            SeenItems.comesTo(whole * a / (a + b), item);
        });
    }

    private static double percent(Item item, int which) {
        return PERCENT.matcher(SeenItems.text(item))
                        .results()
                        .mapToDouble(m -> Double.parseDouble(m.group(1)))
                        .toArray()[which]
                / 100;
    }

    private static double[] amounts(Item item) {
        return SeenItems.numbers(PERCENT.matcher(SeenItems.text(item)).replaceAll("so much"));
    }

    @Test
    void upAndDownByAPercent() {
        SeenItems.of("percent-change", "up")
                .forEach(item -> SeenItems.comesTo(amounts(item)[0] * (1 + percent(item, 0)), item));
        SeenItems.of("percent-change", "down")
                .forEach(item -> SeenItems.comesTo(amounts(item)[0] * (1 - percent(item, 0)), item));
    }

    @Test
    void byWhatItHasChanged() {
        SeenItems.of("percent-change", "by-what").forEach(item -> {
            double[] n = amounts(item);
        });
    }

    @Test
    void backToWhatItWas() {
        SeenItems.of("percent-change", "back").forEach(item -> {
            boolean isMore = SeenItems.text(item).contains("more than");
            SeenItems.comesTo(amounts(item)[0] / (1 + (isMore ? 1 : -1) * percent(item, 0)), item);
        });
    }

    @Test
    void twoChangesOneAfterTheOther() {
        SeenItems.of("percent-change", "two-changes").forEach(item -> {
            double[] factors = ways(item);
            SeenItems.comesTo(amounts(item)[0] * factors[0] * factors[1], item);
        });
    }

    /** The factors of two changes, each told by up or down. */
    private static double[] ways(Item item) {
        Matcher way = Pattern.compile("(up|down)[^%]*?(\\d+)%").matcher(SeenItems.text(item));
        double[] factors = new double[2];
        for (int i = 0; i < 2 && way.find(); i++) {
            factors[i] = 1 + (way.group(1).equals("up") ? 1 : -1) * Double.parseDouble(way.group(2)) / 100;
        }
        return factors;
    }

    @Test
    void howTheEndComparesWithTheBeginning() {
        SeenItems.of("percent-change", "claim").forEach(item -> {
            double end = ways(item)[0] * ways(item)[1];
            String right = Math.abs(end - 1) < CLOSE ? "b" : end < 1 ? "a" : "c";
            assertEquals(
                    right,
                    SeenItems.first(item).answer().expected(),
                    item.stem().toString());
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"two-steps", "quotient", "negative", "on-a-line", "both-sides"})
    void justTheNumbersOfTheSolutionFit(String kind) {
        SeenItems.of("inequalities-linear", kind).forEach(item -> {
            Matcher end = END.matcher(SeenItems.last(item).answer().expected());
            assertTrue(end.matches(), item.ref().toString());
            double at = Double.parseDouble(end.group(2));
            String formula = SeenItems.formula(item);
            assertEquals(end.group(1).endsWith("="), holds(formula, at), formula);
            assertEquals(end.group(1).startsWith("<"), holds(formula, at - STEP), formula);
            assertEquals(end.group(1).startsWith(">"), holds(formula, at + STEP), formula);
        });
    }

    private static boolean holds(String formula, double x) {
        String[] parts = formula.split("\\\\le |\\\\ge |<|>");
        double gap = SeenFormula.value(parts[0], x) - SeenFormula.value(parts[1], x);
        boolean isLess = formula.contains("<") || formula.contains("\\le ");
        boolean isEqual = Math.abs(gap) < CLOSE;
        return isEqual ? formula.contains("\\le ") || formula.contains("\\ge ") : isLess == gap < 0;
    }

    @ParameterizedTest
    @ValueSource(strings = {"put-in", "add", "multiply-first"})
    void thePairFitsBothEquations(String kind) {
        SeenItems.of("linear-system", kind).forEach(item -> {
            Matcher pair = PAIR.matcher(SeenItems.last(item).answer().expected());
            assertTrue(pair.matches(), item.ref().toString());
            List<String> equations = item.stem().stream()
                    .filter(Block.Formula.class::isInstance)
                    .map(block -> ((Block.Formula) block).latex())
                    .toList();
            assertEquals(2, equations.size());
            equations.forEach(equation -> assertEquals(
                    0,
                    SeenFormula.gap(
                            equation.replace("y", "(" + pair.group(2) + ")"), Double.parseDouble(pair.group(1))),
                    CLOSE,
                    equation));
        });
    }

    @Test
    void twoTotalsGiveBothNumbers() {
        SeenItems.of("linear-system", "whole-sum").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            SeenItems.comesTo((n[0] + n[1]) / 2, item);
        });
    }
}
