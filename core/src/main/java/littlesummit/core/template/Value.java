package littlesummit.core.template;

import java.util.List;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Rational;

/** What a name stands for in one item. */
sealed interface Value {
    /**
     * An exact number.
     *
     * @param places digits that are shown after the point at least; −1 for one that is no decimal, but whole or a
     *     fraction
     */
    record Number(Rational value, int places) implements Value {
        static Number of(Rational value) {
            return new Number(value, -1);
        }

        static Number of(long value) {
            return of(Rational.of(value));
        }

        boolean isDecimal() {
            return places >= 0;
        }

        /** As it is written in mathematics. */
        Expr expr() {
            if (isDecimal() && value.terminates()) {
                return Expr.decimal(
                        value, Math.max(places, Math.max(0, value.toBigDecimal().scale())));
            }
            return Expr.fraction(value);
        }
    }

    /** An expression with letters, as it is written. */
    record Written(Expr expr) implements Value {}

    record Several(List<Value> items) implements Value {
        public Several {
            items = List.copyOf(items);
        }
    }

    /** Words that stay as they are. */
    record Said(String text) implements Value {}

    record Named(Word word) implements Value {}

    /** What it is, for a complaint. */
    default String kind() {
        return switch (this) {
            case Number n -> "a number";
            case Written w -> "an expression with letters";
            case Several s -> "a list";
            case Said s -> "words";
            case Named n -> "a word from a list";
        };
    }
}
