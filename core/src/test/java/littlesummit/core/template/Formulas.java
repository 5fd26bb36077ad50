package littlesummit.core.template;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Rational;

/** Formulas with values, for tests: {@code n=3; total=16.50; list=[4 7 1]}. x and y stand for themselves. */
final class Formulas {
    private static final Set<String> LETTERS = Set.of("x", "y");

    private final Map<String, Value> values = new HashMap<>();

    static Formulas with(String given) {
        Formulas formulas = new Formulas();
        for (String one : given == null || given.isBlank() ? new String[0] : given.split(";")) {
            String[] parts = one.strip().split("=", 2);
            formulas.values.put(parts[0], formulas.value(parts[1]));
        }
        return formulas;
    }

    private Value value(String text) {
        if (text.startsWith("[")) {
            return new Value.Several(
                    Arrays.stream(text.substring(1, text.length() - 1).split(" "))
                            .map(this::value)
                            .toList());
        }
        if (text.startsWith("word ")) {
            String[] forms = text.substring(5).split("/");
            return new Value.Named(new Word(forms[0], forms[1], forms.length > 2 ? forms[2] : "a", Map.of()));
        }
        if (text.contains("x")) {
            return evaluator().value(formula(text));
        }
        if (text.contains("/")) {
            String[] parts = text.split("/");
            return Value.Number.of(new Rational(new BigInteger(parts[0]), new BigInteger(parts[1])));
        }
        BigDecimal number = new BigDecimal(text);
        return new Value.Number(Rational.of(number), number.scale() > 0 ? number.scale() : -1);
    }

    Formula formula(String text) {
        return Formula.read(text, Place.WHOLE, names());
    }

    Formula.Names names() {
        return new Formula.Names(LETTERS, values.keySet());
    }

    Evaluator evaluator() {
        return new Evaluator(values);
    }

    TextPattern text(String text) {
        return TextPattern.read(new Node.Scalar(text, Place.WHOLE), names());
    }

    /** The value as one would type it; a list in brackets. */
    String typed(String formula) {
        return typed(evaluator().value(formula(formula)));
    }

    private static String typed(Value value) {
        return value instanceof Value.Several(List<Value> items)
                ? "[" + String.join(" ", items.stream().map(Formulas::typed).toList()) + "]"
                : PlainPrinter.plain(Evaluator.expr(value));
    }
}
