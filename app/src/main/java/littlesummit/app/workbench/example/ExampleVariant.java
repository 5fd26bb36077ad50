package littlesummit.app.workbench.example;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import littlesummit.app.web.Problem;
import littlesummit.core.math.Rational;
import littlesummit.core.template.example.Example;

/** The items of one level: the one that was typed, with numbers that vary. */
final class ExampleVariant {
    private final Level level;
    private final int wider;
    private final Example example;
    private final Map<String, Level.Range> ranges;
    private final Rational answer;
    private final ExampleFormula formula;
    private final ExampleHelp help;

    /** @param wider so many times further than the range says */
    ExampleVariant(Level level, int wider) {
        this.level = level;
        this.wider = wider;
        this.example = read(level.text());
        this.ranges = level.ranges().stream()
                .collect(Collectors.toMap(Level.Range::letter, range -> range, (a, b) -> a, LinkedHashMap::new));
        this.answer = ExampleFormula.number(level.answer())
                .orElseThrow(() -> Problem.badRequest("The answer “" + level.answer() + "” is not a number."));
        List<String> varied = example.numbers().stream()
                .filter(this::varies)
                .map(Example.Given::letter)
                .toList();
        if (varied.isEmpty()) {
            throw Problem.badRequest("At least one number has to vary.");
        }
        this.formula = new ExampleFormula(level.formula(), answer, example, Set.copyOf(varied));
        this.help = new ExampleHelp(formula, varied);
    }

    static Example read(String text) {
        try {
            return Example.read(text);
        } catch (IllegalArgumentException no) {
            throw Problem.badRequest(no.getMessage());
        }
    }

    private boolean varies(Example.Given given) {
        return ranges.containsKey(given.letter());
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
        variant.put("worked", help.worked());
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
        return ExampleFormula.number(typed)
                .filter(Rational::terminates)
                .map(Rational::toBigDecimal)
                .orElseThrow(() -> Problem.badRequest("“" + typed + "” is not a number that a range can have."));
    }

    /** A whole answer stays whole, and one above zero stays there. */
    private List<String> conditions() {
        List<String> where = new ArrayList<>();
        String written = formula.written();
        int places = answer.terminates()
                ? Math.max(0, answer.toBigDecimal().stripTrailingZeros().scale())
                : -1;
        if (places >= 0 && written.contains("/")) {
            String scaled = places == 0 ? "(" + written + ")" : "(" + written + ") * 10^" + places;
            where.add("floor(" + scaled + ") = " + scaled);
        }
        if (answer.signum() > 0 && written.contains("-")) {
            where.add(written + " > 0");
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
        return (given.isMoney() ? "\\$" : "") + given.value().toBigDecimal().toPlainString();
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
        field.put("answer", formula.written());
        Map<String, Object> part = new LinkedHashMap<>();
        part.put("ask", asked);
        part.put("field", field);
        part.put("mistakes", help.mistakes());
        part.put("hints", help.hints());
        return part;
    }
}
