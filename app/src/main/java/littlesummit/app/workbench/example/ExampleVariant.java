package littlesummit.app.workbench.example;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import littlesummit.app.web.Problem;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Syntax;
import littlesummit.core.template.example.Example;
import littlesummit.core.template.example.Way;
import littlesummit.core.template.example.Ways;

/** The items of one level: the one that was typed, with numbers that vary. */
final class ExampleVariant {
    private static final int MOST_MISTAKES = 3;

    private final Level level;
    private final int wider;
    private final Example example;
    private final Map<String, Level.Range> ranges;
    private final Rational answer;

    /** @param wider so many times further than the range says */
    ExampleVariant(Level level, int wider) {
        this.level = level;
        this.wider = wider;
        this.example = read(level.text());
        this.ranges = level.ranges().stream()
                .collect(Collectors.toMap(Level.Range::letter, range -> range, (a, b) -> a, LinkedHashMap::new));
        this.answer = number(level.answer())
                .orElseThrow(() -> Problem.badRequest("The answer “" + level.answer() + "” is not a number."));
        check();
    }

    static Example read(String text) {
        try {
            return Example.read(text);
        } catch (IllegalArgumentException no) {
            throw Problem.badRequest(no.getMessage());
        }
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

    /** The formula with the values of some numbers in it. */
    private String put(Predicate<Example.Given> which) {
        return put(level.formula().strip(), which);
    }

    private String put(String formula, Predicate<Example.Given> which) {
        String put = formula;
        for (Example.Given given : example.numbers()) {
            if (which.test(given)) {
                put = put.replaceAll("(?<![a-zA-Z])" + given.letter() + "(?![a-zA-Z])", plain(given));
            }
        }
        return put;
    }

    private static String plain(Example.Given given) {
        return given.value().toBigDecimal().toPlainString();
    }

    /** As it stands in the document: what does not vary is a number there. */
    private String formula() {
        return put(given -> !varies(given));
    }

    private String written(Way way) {
        return put(way.written(false), given -> !varies(given));
    }

    private boolean varies(Example.Given given) {
        return ranges.containsKey(given.letter());
    }

    private void check() {
        if (ranges.isEmpty() || example.numbers().stream().noneMatch(this::varies)) {
            throw Problem.badRequest("At least one number has to vary.");
        }
        Rational comesTo = number(put(given -> true))
                .orElseThrow(() -> Problem.badRequest("The formula “" + level.formula()
                        + "” cannot be read. It has letters of numbers that vary, numbers, and signs."));
        if (!comesTo.equals(answer)) {
            throw Problem.badRequest("With the numbers of the item “" + level.formula() + "” comes to " + comesTo
                    + ", and not to " + level.answer().strip() + ".");
        }
    }

    Map<String, Object> written(int tier) {
        Map<String, Object> variant = new LinkedHashMap<>();
        variant.put("id", "level-" + tier);
        variant.put("tiers", List.of(tier));
        variant.put("draw", draws());
        List<String> where = conditions();
        if (!where.isEmpty()) {
            variant.put("where", where);
        }
        boolean isOnlyAsked = example.told().isEmpty();
        variant.put("frames", List.of(text(isOnlyAsked ? example.asked() : example.told())));
        variant.put("parts", List.of(part(isOnlyAsked ? "What is the answer?" : text(example.asked()))));
        variant.put("worked", worked());
        return variant;
    }

    private Map<String, Object> draws() {
        Map<String, Object> draws = new LinkedHashMap<>();
        for (Example.Given given : example.numbers()) {
            if (varies(given)) {
                Level.Range range = ranges.get(given.letter());
                BigDecimal low = bound(range.low());
                BigDecimal high = bound(range.high()).multiply(BigDecimal.valueOf(wider));
                if (low.compareTo(high) >= 0) {
                    throw Problem.badRequest(
                            "The range of " + given.value() + " goes from a smaller number to a larger one.");
                }
                String step = given.places() == 0
                        ? ""
                        : " step "
                                + BigDecimal.ONE.movePointLeft(given.places()).toPlainString();
                draws.put(given.letter(), low.toPlainString() + ".." + high.toPlainString() + step);
            }
        }
        return draws;
    }

    private static BigDecimal bound(String typed) {
        return number(typed)
                .filter(Rational::terminates)
                .map(Rational::toBigDecimal)
                .orElseThrow(() -> Problem.badRequest("“" + typed + "” is not a number that a range can have."));
    }

    /** A whole answer stays whole, and one above zero stays there. */
    private List<String> conditions() {
        List<String> where = new ArrayList<>();
        String formula = formula();
        int places = answer.terminates()
                ? Math.max(0, answer.toBigDecimal().stripTrailingZeros().scale())
                : -1;
        if (places >= 0 && formula.contains("/")) {
            String scaled = places == 0 ? "(" + formula + ")" : "(" + formula + ") * 10^" + places;
            where.add("floor(" + scaled + ") = " + scaled);
        }
        if (answer.signum() > 0 && formula.contains("-")) {
            where.add(formula + " > 0");
        }
        return where;
    }

    private String text(List<Example.Piece> pieces) {
        StringBuilder text = new StringBuilder();
        for (Example.Piece piece : pieces) {
            text.append(
                    switch (piece) {
                        case Example.Piece.Words(String words) -> escaped(words);
                        case Example.Piece.Number(int index) ->
                            shown(example.numbers().get(index));
                    });
        }
        return text.toString().replaceAll("\\s+", " ").strip();
    }

    private String shown(Example.Given given) {
        if (varies(given)) {
            return "{" + given.letter()
                    + (given.isMoney() ? " as money" : given.places() > 0 ? " as " + given.places() + " places" : "")
                    + "}";
        }
        return (given.isMoney() ? "\\$" : "") + plain(given);
    }

    private static String escaped(String words) {
        return words.replaceAll("[{}]", "").replace("$", "\\$");
    }

    private Map<String, Object> part(String asked) {
        Map<String, Object> field = new LinkedHashMap<>();
        field.put("id", "answer");
        field.put(
                "label",
                level.label().isBlank() ? "Answer" : escaped(level.label().strip()));
        field.put("kind", "number");
        field.put("form", answer.isInteger() ? "integer" : "any");
        field.put("answer", formula());
        Map<String, Object> part = new LinkedHashMap<>();
        part.put("ask", asked);
        part.put("field", field);
        part.put("mistakes", mistakes());
        part.put(
                "hints",
                List.of(
                        "Which numbers are given, and what is asked?",
                        "Write down what has to be done with them before you work anything out.",
                        "Begin with $" + beginning() + "$."));
        return part;
    }

    /** The way that the formula is, if it is one of those that were offered. */
    private Optional<Way.Step> way() {
        List<Example.Given> varied =
                example.numbers().stream().filter(this::varies).toList();
        return Ways.to(answer, varied).stream()
                .filter(way -> way.written(false).equals(level.formula().strip()))
                .filter(Way.Step.class::isInstance)
                .map(Way.Step.class::cast)
                .findFirst();
    }

    private String beginning() {
        return way().map(ExampleVariant::innermost).map(this::written).orElse(formula());
    }

    private static Way innermost(Way way) {
        return way instanceof Way.Step step
                ? step.left() instanceof Way.Step
                        ? innermost(step.left())
                        : step.right() instanceof Way.Step ? innermost(step.right()) : step
                : way;
    }

    /** What comes out when other things are done with the first two numbers, or when one step is left undone. */
    private List<Map<String, Object>> mistakes() {
        List<Map<String, Object>> mistakes = new ArrayList<>();
        List<String> letters = example.numbers().stream()
                .filter(this::varies)
                .map(Example.Given::letter)
                .toList();
        way().filter(step -> innermost(step) != step)
                .ifPresent(step -> mistakes.add(
                        mistake(written(innermost(step)), "one-step-left", "That is one step. What is left to do?")));
        if (letters.size() > 1) {
            String a = letters.get(0);
            String b = letters.get(1);
            mistakes.add(mistake(
                    a + " + " + b, "added", "It looks as if two numbers were added. Is that what happens here?"));
            mistakes.add(mistake(
                    a + " * " + b,
                    "multiplied",
                    "It looks as if two numbers were multiplied. Is that what happens here?"));
            mistakes.add(mistake(
                    "abs(" + a + " - " + b + ")",
                    "subtracted",
                    "It looks as if one number was taken from the other. Is that what happens here?"));
        } else {
            mistakes.add(mistake(letters.getFirst(), "as-given", "That is the number that was given. What is asked?"));
        }
        return mistakes.stream()
                .filter(mistake -> !mistake.get("value").equals(formula()))
                .limit(MOST_MISTAKES)
                .toList();
    }

    private static Map<String, Object> mistake(String value, String slip, String say) {
        Map<String, Object> mistake = new LinkedHashMap<>();
        mistake.put("value", value);
        mistake.put("slip", slip);
        mistake.put("say", say);
        return mistake;
    }

    private List<Map<String, Object>> worked() {
        List<Map<String, Object>> steps = new ArrayList<>();
        steps.add(Map.of("say", "This is what has to be done:", "math", formula()));
        way().filter(step -> innermost(step) != step).ifPresent(step -> {
            Way first = innermost(step);
            String done = written(step).replace(written(first), "value(" + written(first) + ")");
            steps.add(Map.of("say", "Do the first step.", "math", done));
        });
        steps.add(Map.of("say", "Work it out.", "math", "value(" + formula() + ")"));
        return steps;
    }
}
