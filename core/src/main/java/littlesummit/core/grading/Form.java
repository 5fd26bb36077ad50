package littlesummit.core.grading;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import littlesummit.core.math.Unit;
import littlesummit.core.math.Units;

/** What shape is asked of an entry of the right value. */
public sealed interface Form {
    int MOST_PLACES = 50;

    /** A shape that needs no further detail. */
    enum Shape implements Form {
        ANY,
        /** Options in an order, where their order counts. */
        IN_ORDER,
        INTEGER,
        FRACTION,
        FRACTION_LOWEST,
        MIXED,
        DECIMAL,
        PERCENT,
        SCIENTIFIC,
        NUMERAL,
        PRIME_FACTORS,
        POWER,
        EXPANDED,
        FACTORED,
        SINGLE_FRACTION,
        LOWEST_TERMS,
        POSITIVE_EXPONENTS,
        /** A number with roots, as simple as it can be. */
        SIMPLEST_ROOTS,
        INTERVAL,
        INEQUALITY,
        /** A complex number as a + bi. */
        CARTESIAN;

        @Override
        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * Rounded half up.
     *
     * @param places digits after the point, 0 to {@value Form#MOST_PLACES}
     * @param percent of the percent number
     */
    record Rounded(int places, boolean percent) implements Form {
        @Override
        public String code() {
            return (percent ? "percent:" : "decimal:") + places;
        }
    }

    /** An equation with the letter alone on one side. */
    record Solved(String letter) implements Form {
        @Override
        public String code() {
            return "solved:" + letter;
        }
    }

    record InUnit(Unit unit) implements Form {
        @Override
        public String code() {
            return "unit:" + unit.symbol();
        }
    }

    /** The name in files, such as {@code decimal:2}. */
    String code();

    /** Empty for a name that is none. */
    static Optional<Form> of(String code) {
        int colon = code.indexOf(':');
        if (colon < 0) {
            return Arrays.stream(Shape.values())
                    .filter(s -> s.code().equals(code))
                    .map(Form.class::cast)
                    .findFirst();
        }
        String detail = code.substring(colon + 1);
        return switch (code.substring(0, colon)) {
            case "decimal" -> places(detail).map(n -> new Rounded(n, false));
            case "percent" -> places(detail).map(n -> new Rounded(n, true));
            case "solved" -> detail.length() == 1 ? Optional.of(new Solved(detail)) : Optional.empty();
            case "unit" -> Units.of(detail).map(InUnit::new);
            default -> Optional.empty();
        };
    }

    private static Optional<Integer> places(String detail) {
        boolean digits =
                detail.length() <= 2 && !detail.isEmpty() && detail.chars().allMatch(c -> c >= '0' && c <= '9');
        return digits ? Optional.of(Integer.parseInt(detail)).filter(n -> n <= MOST_PLACES) : Optional.empty();
    }
}
