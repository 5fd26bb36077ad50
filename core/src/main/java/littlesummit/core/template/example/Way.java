package littlesummit.core.template.example;

import java.util.Set;
import java.util.TreeSet;
import littlesummit.core.math.Rational;

/** A way to compute with the numbers of an example. */
public sealed interface Way {
    /** The number that comes out with the numbers of the example. */
    Rational value();

    /** As it is written, with a letter for each number; {@code numbers} puts the numbers in their places. */
    String written(boolean numbers);

    /** Letters of the numbers that it uses. */
    Set<String> letters();

    /** How many operations it takes. */
    int steps();

    /** How strongly its last sign binds: 1 for sums, 2 for products, 3 for a number. */
    int binding();

    /** What nothing has been done with yet. */
    sealed interface Leaf extends Way {
        @Override
        default int steps() {
            return 0;
        }

        @Override
        default int binding() {
            return 3;
        }
    }

    record Number(Example.Given given) implements Leaf {
        @Override
        public Rational value() {
            return given.value();
        }

        @Override
        public String written(boolean numbers) {
            return numbers ? plain(given.value()) : given.letter();
        }

        @Override
        public Set<String> letters() {
            return Set.of(given.letter());
        }
    }

    /** A number that is not in the text, such as 100 for percent. */
    record Constant(Rational value) implements Leaf {
        @Override
        public String written(boolean numbers) {
            return plain(value);
        }

        @Override
        public Set<String> letters() {
            return Set.of();
        }
    }

    /** What is done with two numbers. */
    enum Sign {
        PLUS("+", 1),
        MINUS("-", 1),
        TIMES("*", 2),
        OVER("/", 2);

        private final String sign;
        private final int binding;

        Sign(String sign, int binding) {
            this.sign = sign;
            this.binding = binding;
        }

        /** Whether the order of the two does not matter. */
        public boolean isSymmetric() {
            return this == PLUS || this == TIMES;
        }

        Rational of(Rational a, Rational b) {
            return switch (this) {
                case PLUS -> a.plus(b);
                case MINUS -> a.minus(b);
                case TIMES -> a.times(b);
                case OVER -> a.over(b);
            };
        }
    }

    record Step(Way left, Sign sign, Way right, Rational value) implements Way {
        static Step of(Way left, Sign sign, Way right) {
            return new Step(left, sign, right, sign.of(left.value(), right.value()));
        }

        @Override
        public String written(boolean numbers) {
            boolean bracketLeft = left.binding() < sign.binding;
            boolean bracketRight =
                    right.binding() < sign.binding || right.binding() == sign.binding && !sign.isSymmetric();
            return bracket(left.written(numbers), bracketLeft) + " " + sign.sign + " "
                    + bracket(right.written(numbers), bracketRight);
        }

        private static String bracket(String inner, boolean needed) {
            return needed ? "(" + inner + ")" : inner;
        }

        @Override
        public Set<String> letters() {
            Set<String> all = new TreeSet<>(left.letters());
            all.addAll(right.letters());
            return all;
        }

        @Override
        public int steps() {
            return 1 + left.steps() + right.steps();
        }

        @Override
        public int binding() {
            return sign.binding;
        }
    }

    private static String plain(Rational value) {
        return value.terminates() ? value.toBigDecimal().toPlainString() : value.toString();
    }
}
