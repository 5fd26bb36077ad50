package littlesummit.core.template;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import littlesummit.core.math.Rational;

/** What the readers of figures have in common: numbers, words, conditions and lists as entries of a mapping. */
final class FigureKeys {
    private static final double FARTHEST = 1_000_000_000;
    private final Formula.Names names;

    FigureKeys(Formula.Names names) {
        this.names = names;
    }

    Made<String> text(Keys keys, String key) {
        Texts texts = Texts.read(keys.require(key), names);
        return making -> texts.write(making.evaluator());
    }

    Made<String> text(Keys keys, String key, String otherwise) {
        return keys.has(key) ? text(keys, key) : making -> otherwise;
    }

    Made<Double> number(Keys keys, String key) {
        Formula formula = Formula.read(keys.scalar(key), names);
        return making -> drawable(formula, making);
    }

    Made<Double> number(Keys keys, String key, double otherwise) {
        return keys.has(key) ? number(keys, key) : making -> otherwise;
    }

    Made<Integer> whole(Keys keys, String key) {
        Formula formula = Formula.read(keys.scalar(key), names);
        return making -> {
            Rational value = making.evaluator().number(formula);
            if (!value.isInteger() || value.abs().compareTo(Rational.of(10_000)) > 0) {
                throw new Unmade(formula.at(), "A whole number is expected here; this is " + value + ".");
            }
            return value.intValueExact();
        };
    }

    Made<Integer> whole(Keys keys, String key, int otherwise) {
        return keys.has(key) ? whole(keys, key) : making -> otherwise;
    }

    /** A condition, or yes and no. */
    Made<Boolean> flag(Keys keys, String key) {
        Optional<Node.Scalar> node = keys.find(key).map(Keys::scalar);
        if (node.isEmpty() || node.get().text().matches("yes|no|true|false")) {
            boolean yes = node.map(n -> n.text().matches("yes|true")).orElse(false);
            return making -> yes;
        }
        Formula when = Formula.read(node.get(), names).condition();
        return making -> making.evaluator().holds(when);
    }

    private static double drawable(Formula formula, Making making) {
        double number = asDouble(making.evaluator().number(formula));
        if (Math.abs(number) <= FARTHEST) {
            return number;
        }
        throw new Unmade(formula.at(), "“" + formula.text() + "” is too far away to be drawn.");
    }

    static double asDouble(Rational value) {
        return value.num().doubleValue() / value.den().doubleValue();
    }

    /** The pieces of a list, each read by itself; one with a condition that does not hold is left out. */
    <T> Made<List<T>> list(Keys keys, String key, String what, Function<Keys, Made<T>> reader) {
        record Piece<T>(Optional<Formula> when, Made<T> made) {}
        List<Piece<T>> pieces = keys.list(key).stream()
                .map(node -> {
                    Keys inner = Keys.of(node, what);
                    Optional<Formula> when = inner.find("when")
                            .map(n -> Formula.read(Keys.scalar(n), names).condition());
                    Piece<T> piece = new Piece<>(when, reader.apply(inner));
                    inner.end();
                    return piece;
                })
                .toList();
        return making -> pieces.stream()
                .filter(piece -> piece.when().map(making.evaluator()::holds).orElse(true))
                .map(piece -> piece.made().make(making))
                .toList();
    }

    Made<List<Double>> numbers(Keys keys, String key, int count) {
        List<Formula> formulas = keys.list(key).stream()
                .map(node -> Formula.read(Keys.scalar(node), names))
                .toList();
        if (formulas.size() != count) {
            throw new Refused(keys.require(key).at(), "“" + key + "” is a list of " + count + " numbers.");
        }
        return making ->
                formulas.stream().map(formula -> drawable(formula, making)).toList();
    }

    Made<List<String>> texts(Keys keys, String key) {
        List<Texts> texts =
                keys.list(key).stream().map(node -> Texts.read(node, names)).toList();
        return making -> texts.stream()
                .map(t -> t.write(making.evaluator()))
                .filter(t -> !t.isEmpty())
                .toList();
    }
}
