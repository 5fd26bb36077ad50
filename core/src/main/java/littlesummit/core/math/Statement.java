package littlesummit.core.math;

import java.util.List;

/** A whole entry or line: a value, a relation, a list, a set, an interval and so on, as written. */
public sealed interface Statement {

    record Value(Expr expr) implements Statement {}

    /** A chain such as −2 &lt; x ≤ 5: one more side than signs. */
    record Relations(List<Expr> sides, List<Relation> signs) implements Statement {
        public Relations {
            sides = List.copyOf(sides);
            signs = List.copyOf(signs);
        }
    }

    /** Items side by side; two or more. */
    record Sequence(Joiner joiner, List<Statement> items) implements Statement {
        public Sequence {
            items = List.copyOf(items);
        }
    }

    /** Items between brackets: a pair, an interval, a set. */
    record Delimited(char open, List<Statement> items, char close) implements Statement {
        public Delimited {
            items = List.copyOf(items);
        }
    }

    record Union(List<Statement> parts) implements Statement {
        public Union {
            parts = List.copyOf(parts);
        }
    }

    /** No element, no solution. */
    record Nothing() implements Statement {}

    /** All real numbers but for those listed. */
    record Reals(List<Expr> except) implements Statement {
        public Reals {
            except = List.copyOf(except);
        }
    }

    record SetBuilder(String letter, Statement condition) implements Statement {}

    record Measure(Expr amount, Unit unit) implements Statement {}

    /** Amounts of one kind in several units that belong together: 1 h 30 min. */
    record Measures(List<Measure> parts) implements Statement {
        public Measures {
            parts = List.copyOf(parts);
        }
    }

    /** A line that goes on from the one before: {@code = 5}. */
    record Continued(Relation sign, Statement rest) implements Statement {}

    enum Joiner {
        COMMA,
        AND,
        OR
    }

    enum Relation {
        EQUAL("="),
        LESS("<"),
        GREATER(">"),
        AT_MOST("<="),
        AT_LEAST(">="),
        NOT_EQUAL("!="),
        ABOUT("≈");

        private final String sign;

        Relation(String sign) {
            this.sign = sign;
        }

        /** As it is typed on a plain keyboard. */
        public String sign() {
            return sign;
        }

        /**
         * Whether it holds for two numbers.
         *
         * @param order of the left to the right: below 0, 0, or above 0
         */
        public boolean holds(int order) {
            return switch (this) {
                case LESS -> order < 0;
                case GREATER -> order > 0;
                case AT_MOST -> order <= 0;
                case AT_LEAST -> order >= 0;
                case EQUAL, ABOUT -> order == 0;
                case NOT_EQUAL -> order != 0;
            };
        }
    }
}
