package littlesummit.core.math;

import java.util.Optional;
import java.util.function.Supplier;

/**
 * What a computation may cost before it is politely given up, so that no line of a student stops the server for the
 * others. Counted in products of machine words, not in time: what can be decided today can be decided tomorrow, on a
 * slower machine too.
 */
public final class Effort {
    private static final ThreadLocal<Effort> NOW = new ThreadLocal<>();
    private long left;

    private Effort(long words) {
        this.left = words;
    }

    /**
     * What came of a computation, and what it cost.
     *
     * @param value empty when it was given up
     */
    public record Outcome<T>(Optional<T> value, long spent) {}

    /**
     * Runs a computation with a limit. One that was given up has no outcome, even where somebody inside went on without
     * the part that was too much.
     *
     * @param words products of machine words that it may cost
     */
    public static <T> Outcome<T> limited(long words, Supplier<T> computation) {
        Effort outer = NOW.get();
        Effort effort = new Effort(words);
        Optional<T> value;
        NOW.set(effort);
        try {
            value = Optional.of(computation.get());
        } catch (MathProblem tooMuch) {
            if (effort.left >= 0) {
                throw tooMuch;
            }
            value = Optional.empty();
        } finally {
            NOW.set(outer);
            if (outer != null) {
                outer.left -= words - Math.max(0, effort.left);
            }
        }
        return new Outcome<>(value.filter(v -> effort.left >= 0), words - Math.max(0, effort.left));
    }

    /**
     * Says that something is about to be computed. Costs nothing where there is no limit.
     *
     * @param products of numbers
     * @param bits of the larger ones
     * @throws MathProblem when the limit is reached
     */
    static void spend(long products, long bits) {
        Effort effort = NOW.get();
        if (effort != null) {
            effort.pay(products * (1 + bits / Long.SIZE));
        }
    }

    private void pay(long words) {
        left -= words;
        if (left < 0) {
            throw MathProblem.tooLarge("more than can be computed in a moment");
        }
    }
}
