package littlesummit.app.workbench.example;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.app.web.Problem;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Syntax;
import littlesummit.core.template.example.Example;
import littlesummit.core.template.example.Way;
import littlesummit.core.template.example.Ways;

/** How the answer to an item is worked out, with letters for the numbers that vary. */
final class ExampleFormula {
    private final String typed;
    private final Example example;
    private final Set<String> varied;
    private final Optional<Way.Step> way;

    /**
     * @param varied letters of the numbers that vary
     * @throws Problem where it cannot be read, or comes to another number than the answer
     */
    ExampleFormula(String typed, Rational answer, Example example, Set<String> varied) {
        this.typed = typed.strip();
        this.example = example;
        this.varied = varied;
        check(answer);
        this.way = Ways.to(answer, example.numbers()).stream()
                .filter(one -> one.written(false).equals(this.typed))
                .filter(Way.Step.class::isInstance)
                .map(Way.Step.class::cast)
                .findFirst();
    }

    /** A number as it is typed, with a dollar sign, commas or a percent sign or without. */
    static Optional<Rational> number(String typed) {
        String plain = typed.strip().replaceAll("^\\$|,(?=\\d{3})|%$", "");
        try {
            return Canonical.of(Parser.expr(plain, Syntax.number())).asRational();
        } catch (MathProblem | IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    private void check(Rational answer) {
        Rational comesTo = number(put(typed, example.numbers()))
                .orElseThrow(() -> Problem.badRequest("The formula “" + typed
                        + "” cannot be read. It has letters of numbers that vary, numbers, and signs."));
        if (!comesTo.equals(answer)) {
            throw Problem.badRequest("With the numbers of the item “" + typed + "” comes to " + comesTo
                    + ", and not to " + answer + ".");
        }
    }

    /** Numbers in the places of their letters, in brackets where two would run into one another. */
    private static String put(String formula, List<Example.Given> numbers) {
        String put = formula;
        for (Example.Given given : numbers) {
            String letter = "(?<![a-zA-Z])" + given.letter() + "(?![a-zA-Z])";
            String value = given.value().toBigDecimal().toPlainString();
            put = put.replaceAll("(?<=[0-9.)])" + letter + "|" + letter + "(?=[(0-9])", "(" + value + ")")
                    .replaceAll(letter, value);
        }
        return put;
    }

    /** As it stands in a document: what does not vary is a number there. */
    String written() {
        return fixed(typed);
    }

    private String fixed(String formula) {
        return put(
                formula,
                example.numbers().stream()
                        .filter(given -> !varied.contains(given.letter()))
                        .toList());
    }

    /** The step to begin with, where the formula is one of those that are offered and takes several. */
    Optional<String> firstStep() {
        return way.map(ExampleFormula::innermost)
                .filter(step -> !step.equals(way.orElseThrow()))
                .map(step -> fixed(step.written(false)));
    }

    private static Way.Step innermost(Way.Step step) {
        return step.left() instanceof Way.Step left
                ? innermost(left)
                : step.right() instanceof Way.Step right ? innermost(right) : step;
    }
}
