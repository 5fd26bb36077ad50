package littlesummit.core.template.example;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Syntax;

/**
 * Ways to compute with the numbers of an example that lead to its answer: every number is used at most once, and one
 * at most that is not in the text. The simplest come first; of two that are always equal, one.
 */
public final class Ways {
    /** So many numbers can be tried in every order in a moment. */
    public static final int MOST_VARIED = 4;

    private static final int OFFERED = 6;
    /** Two of something, minutes of an hour, percent. */
    private static final List<Rational> CONSTANTS = List.of(Rational.of(2), Rational.of(60), Rational.of(100));

    private final Rational answer;
    private final List<Found> found = new ArrayList<>();
    private final Set<String> tried = new HashSet<>();

    /** @param function what it comes to, whatever the numbers are */
    private record Found(RationalFunction function, Way way) {}

    private Ways(Rational answer) {
        this.answer = answer;
    }

    /**
     * @param varied numbers that shall vary
     * @return at most {@value #OFFERED}; none where nothing simple leads to the answer
     */
    public static List<Way> to(Rational answer, List<Example.Given> varied) {
        Ways ways = new Ways(answer);
        List<Way> numbers =
                varied.stream().limit(MOST_VARIED).<Way>map(Way.Number::new).toList();
        ways.combine(numbers);
        if (numbers.size() < MOST_VARIED) {
            for (Rational constant : CONSTANTS) {
                ways.combine(Stream.concat(numbers.stream(), Stream.of(new Way.Constant(constant)))
                        .toList());
            }
        }
        int all = numbers.size();
        return ways.found.stream()
                .map(Found::way)
                .sorted(Comparator.comparingInt((Way way) -> cost(way, all)).thenComparing(way -> way.written(false)))
                .limit(OFFERED)
                .toList();
    }

    /**
     * What a number left out, a value below zero on the way, or a bracket says against a way: few people mean such.
     * Stories name their numbers in the order in which they are used, more often than not.
     */
    private static int cost(Way way, int numbers) {
        long brackets = way.written(false).chars().filter(c -> c == '(').count();
        return 6 * (numbers - way.letters().size())
                + 2 * way.steps()
                + 2 * (int) brackets
                + 6 * negatives(way)
                + disorder(way);
    }

    private static int negatives(Way way) {
        return way instanceof Way.Step(Way left, Way.Sign sign, Way right, Rational value)
                ? negatives(left) + negatives(right) + (value.signum() < 0 ? 1 : 0)
                : 0;
    }

    private static int disorder(Way way) {
        String letters = way.written(false).replaceAll("[^a-z]", "");
        return (int) IntStream.range(1, letters.length())
                .filter(i -> letters.charAt(i) < letters.charAt(i - 1))
                .count();
    }

    /** Tries each pair with each sign, and goes on with one number less. */
    private void combine(List<Way> ways) {
        if (!tried.add(
                ways.stream().map(way -> way.written(false)).sorted().toList().toString())) {
            return;
        }
        ways.stream().filter(way -> way.value().equals(answer)).forEach(this::keep);
        for (int i = 0; i < ways.size(); i++) {
            for (int j = 0; j < ways.size(); j++) {
                if (i != j) {
                    pair(ways, i, j);
                }
            }
        }
    }

    private void pair(List<Way> ways, int i, int j) {
        for (Way.Sign sign : Way.Sign.values()) {
            boolean isTwice = sign.isSymmetric() && i > j;
            boolean isNothing = sign == Way.Sign.OVER && ways.get(j).value().isZero();
            if (!isTwice && !isNothing) {
                List<Way> rest = new ArrayList<>(ways);
                rest.set(i, Way.Step.of(ways.get(i), sign, ways.get(j)));
                rest.remove(j);
                combine(rest);
            }
        }
    }

    /** Of two that are always equal, the one with fewer steps stays. */
    private void keep(Way way) {
        if (way.letters().isEmpty() || way.steps() == 0) {
            return;
        }
        try {
            RationalFunction function = Canonical.of(Parser.expr(way.written(false), Syntax.expression(way.letters())));
            Found same = found.stream()
                    .filter(other -> Equality.same(other.function(), function))
                    .findFirst()
                    .orElse(new Found(function, way));
            found.remove(same);
            found.add(new Found(function, way.steps() < same.way().steps() ? way : same.way()));
        } catch (MathProblem tooLarge) {
            // A way that cannot be compared is not offered.
        }
    }
}
