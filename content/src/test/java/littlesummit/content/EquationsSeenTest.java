package littlesummit.content;

import static littlesummit.content.SeenItems.chosen;
import static littlesummit.content.SeenItems.formula;
import static littlesummit.content.SeenItems.last;
import static littlesummit.content.SeenItems.others;
import static littlesummit.content.SeenItems.text;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Linear equations solved in floating point from what the student reads; stories computed step by step. */
class EquationsSeenTest {
    private static void each(String skill, String kind, Consumer<Item> look) {
        SeenItems.of(skill, kind).forEach(look);
    }

    private static double key(Item item) {
        String[] parts = last(item).answer().expected().split("/");
        return Double.parseDouble(parts[0]) / (parts.length == 1 ? 1 : Double.parseDouble(parts[1]));
    }

    private static double[] numbers(String text) {
        return Pattern.compile("\\d+")
                .matcher(text)
                .results()
                .mapToDouble(m -> Double.parseDouble(m.group()))
                .toArray();
    }

    @ParameterizedTest
    @CsvSource({
        "one-step-multiplication,bare",
        "one-step-multiplication,together",
        "one-step-multiplication,signed",
        "one-step-multiplication,shared",
        "one-step-multiplication,fraction",
        "one-step-multiplication,wrong-line",
        "both-sides,bare",
        "both-sides,turned",
        "both-sides,signed",
        "both-sides,fractions",
        "both-sides,brackets",
        "both-sides,minus",
        "both-sides,two",
        "both-sides,wrong-line"
    })
    void theKeySolvesTheEquation(String skill, String kind) {
        each(skill, kind, item -> assertEquals(SeenFormula.solution(formula(item)), key(item), 1e-9, formula(item)));
    }

    @Test
    void storiesComeOut() {
        each("one-step-multiplication", "told", item -> {
            double[] n = numbers(text(item));
            double sum = text(item).matches("(?s).*(together|long|cost).*") ? n[1] / n[0] : n[0] * n[1];
            boolean isShared = text(item).matches("(?s).*(cut into|fills|shared|carried up).*");
            assertEquals(isShared ? n[0] * n[1] : sum, key(item), 1e-9, text(item));
        });
        each("one-step-multiplication", "part", item -> {
            double[] n = numbers(text(item));
            assertEquals(n[2] * n[1] / n[0], key(item), 1e-9, text(item));
        });
        each("both-sides", "story", item -> {
            double[] n = numbers(text(item));
            int sign = text(item).contains("burns") ? -1 : 1;
            int steps = 0;
            while (n[0] + sign * steps * n[1] != n[2] + sign * steps * n[3] && steps < 100) {
                steps++;
            }
            assertEquals(steps, key(item), 1e-9, text(item));
            assertTrue(n[0] + sign * steps * n[1] > 0, text(item) + " is below zero then");
        });
    }

    @ParameterizedTest
    @CsvSource({"one-step-multiplication,told", "one-step-multiplication,part", "both-sides,story"})
    void onlyTheRightEquationHasTheRightSolution(String skill, String kind) {
        each(skill, kind, item -> {
            Part part = item.parts().getFirst();
            assertEquals(key(item), SeenFormula.solution(chosen(part)), 1e-9, text(item));
            others(part)
                    .forEach(other -> assertTrue(
                            Math.abs(SeenFormula.solution(other) - key(item)) > 1e-6, () -> text(item) + " " + other));
        });
    }

    @Test
    void aLevelBalanceWeighsTheSameOnBothSides() {
        each("both-sides", "pans", item -> {
            Figure.Balance balance =
                    (Figure.Balance) ((Block.Picture) item.stem().get(1)).figure();
            assertEquals(pan(balance.left(), key(item)), pan(balance.right(), key(item)), 1e-9, balance.alt());
        });
    }

    private static double pan(List<String> things, double box) {
        return things.stream()
                .mapToDouble(t -> t.contains("box") ? numbers(t)[0] * box : Double.parseDouble(t))
                .sum();
    }

    /** The first line that another x fits than the line above it. */
    @ParameterizedTest
    @CsvSource({"one-step-multiplication", "both-sides"})
    void theWrongLineIsTheFirstWithAnotherSolution(String skill) {
        each(skill, "wrong-line", item -> {
            double x = SeenFormula.solution(formula(item));
            List<String> lines = item.parts().getFirst().fields().getFirst().response().options().stream()
                    .map(o -> o.text().replaceAll("Line \\d: |[$]", ""))
                    .toList();
            String first = lines.stream()
                    .filter(line -> Math.abs(SeenFormula.solution(line) - x) > 1e-9)
                    .findFirst()
                    .orElseThrow();
            assertEquals(first, chosen(item.parts().getFirst()).replaceAll("Line \\d: ", ""), lines.toString());
            assertEquals(
                    SeenFormula.solution(first),
                    SeenFormula.solution(lines.getLast()),
                    1e-9,
                    "the rest follows from it");
        });
    }

    private static String count(String equation) {
        double at0 = SeenFormula.gap(equation, 0);
        double at7 = SeenFormula.gap(equation, 7);
        return at0 != at7 ? "one" : at0 == 0 ? "infinitely many" : "none";
    }

    @ParameterizedTest
    @CsvSource({"plain", "brackets", "split", "zero"})
    void asManySolutionsAsSaid(String kind) {
        each(
                "solution-count",
                kind,
                item -> assertEquals(
                        count(formula(item)), chosen(item.parts().getFirst()).split(",")[0], formula(item)));
    }

    @Test
    void oneEquationOfFourIsTheOneThatIsWanted() {
        each("solution-count", "which", item -> {
            Part part = item.parts().getFirst();
            String wanted = part.prompt().contains("exactly one")
                    ? "one"
                    : part.prompt().contains("infinitely") ? "infinitely many" : "none";
            assertEquals(wanted, count(chosen(part)));
            others(part).forEach(other -> assertTrue(!count(other).equals(wanted), other));
        });
    }

    @ParameterizedTest
    @CsvSource({"complete", "letter"})
    void theNumberFilledInDoesWhatIsAsked(String kind) {
        each("solution-count", kind, item -> {
            String wanted = item.parts().getFirst().prompt().contains("infinitely") ? "infinitely many" : "none";
            List<Integer> fitting = IntStream.rangeClosed(-200, 200)
                    .filter(n -> count(formula(item).replaceAll("\\\\square ?|k", "(" + n + ")"))
                            .equals(wanted))
                    .boxed()
                    .toList();
            assertEquals(List.of(Integer.parseInt(last(item).answer().expected())), fitting, formula(item));
        });
    }

    /** What is said of each equation in an option is so; a rule that holds has nothing against it. */
    @Test
    void whatIsSaidOfARuleIsSo() {
        Pattern claim = Pattern.compile("(\\S* ?[^:]*=[^h]*) has (no solution|the solution (-?\\d+))\\.");
        each("solution-count", "rule", item -> item.parts()
                .getFirst()
                .fields()
                .getFirst()
                .response()
                .options()
                .forEach(option -> {
                    String said = option.text().replace("$", "").replace("It is not so: ", "");
                    Matcher m = claim.matcher(said);
                    if (m.find()) {
                        assertEquals(m.group(2).equals("no solution") ? "none" : "one", count(m.group(1)), said);
                        assertTrue(
                                m.group(3) == null
                                        || Math.abs(SeenFormula.solution(m.group(1)) - Double.parseDouble(m.group(3)))
                                                < 1e-9,
                                said);
                    } else {
                        assertEquals("It is always so.", said);
                    }
                }));
    }
}
