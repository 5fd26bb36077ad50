package littlesummit.content.code.function;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.content.code.Words;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;

/** The analysis of a rational function written out, one idea a step. */
final class RationalWorked {
    private RationalWorked() {}

    static Items add(Items item, RationalShape s, boolean asksForWindow) {
        factor(item, s);
        domain(item, s);
        cancel(item, s);
        onTheAxes(item, s);
        beside(item, s);
        if (!s.borders().isEmpty()) {
            item.step("Between these places the sign stays: " + signs(s) + ".", "");
        }
        farOut(item, s);
        if (asksForWindow) {
            item.step(
                    "Of all that was found, the number farthest from zero is about $" + Math.round(s.reach())
                            + "$. The window has to reach beyond it.",
                    "");
        }
        return item;
    }

    private static void factor(Items item, RationalShape s) {
        item.step("Factor the top and the bottom.", fraction(s.above(s.holes()), s.below(s.holes())));
    }

    private static String fraction(String above, String below) {
        return "\\frac{" + RationalShape.latex(above) + "}{" + RationalShape.latex(below) + "}";
    }

    private static void domain(Items item, RationalShape s) {
        List<Integer> out = Stream.concat(s.polesOnce().stream(), s.holes().stream())
                .sorted()
                .toList();
        item.step(
                out.isEmpty()
                        ? "$x^2$ is never negative, so the bottom is never zero: the function is defined for all $x$."
                        : "The bottom is zero at " + RationalGraph.places(out)
                                + ". The function is defined for all other $x$.",
                "");
    }

    private static void cancel(Items item, RationalShape s) {
        if (s.hasHole()) {
            item.step(
                    "Cancel the factor that stands above and below.", fraction(s.above(List.of()), s.below(List.of())));
            item.step(
                    "At $x = " + s.hole() + "$ the graph has a hole. What is left gives its height: $"
                            + Linear.fractionLatex(s.at(s.hole())) + "$.",
                    "");
        } else {
            item.step("No factor stands above and below, so there is no hole.", "");
        }
    }

    private static void onTheAxes(Items item, RationalShape s) {
        if (s.zeros().isEmpty()) {
            item.step("The top is never zero, so the graph does not meet the x-axis.", "");
        } else {
            String each = s.zerosOnce().stream()
                    .map(z -> "at $x = " + z + "$, where its factor occurs " + (s.touches(z) ? "twice" : "once")
                            + ", it " + (s.touches(z) ? "touches" : "crosses"))
                    .collect(Collectors.joining("; "));
            item.step("The graph meets the x-axis where the top is zero: " + each + ".", "");
        }
        item.step(
                s.isDefinedAt(Rational.ZERO)
                        ? "It meets the y-axis where $x = 0$: there $y = " + Linear.fractionLatex(s.at(0)) + "$."
                        : "It is not defined at $x = 0$, so it does not meet the y-axis.",
                "");
    }

    private static void beside(Items item, RationalShape s) {
        if (s.poles().isEmpty()) {
            item.step("The bottom is never zero, so there is no vertical asymptote.", "");
        }
        for (int p : s.polesOnce()) {
            boolean isBoth = s.risesLeftOf(p) == s.risesRightOf(p);
            item.step(
                    "$x = " + p + "$ is a vertical asymptote. Just left of it the value is "
                            + sign(s.risesLeftOf(p)) + ", so the graph goes " + way(s.risesLeftOf(p))
                            + "; just right of it the value is "
                            + (isBoth ? sign(s.risesRightOf(p)) + " too" : sign(s.risesRightOf(p)))
                            + ", so it goes " + way(s.risesRightOf(p)) + ".",
                    "");
        }
    }

    private static String way(boolean isUp) {
        return isUp ? "up" : "down";
    }

    private static String sign(boolean isPositive) {
        return isPositive ? "positive" : "negative";
    }

    private static String signs(RationalShape s) {
        List<Integer> borders = s.borders();
        return java.util.stream.IntStream.rangeClosed(0, borders.size())
                .mapToObj(i -> sign(s.isPositiveNear(RationalBehaviour.inside(borders, i))) + " for $"
                        + RationalBehaviour.between(borders, i) + "$")
                .collect(Collectors.joining(", "));
    }

    private static void farOut(Items item, RationalShape s) {
        String line = "$y = " + PolynomialText.latex(s.quotient()) + "$";
        if (s.rise() < 0) {
            item.step("The bottom has the higher degree, so far out the values shrink towards zero: " + line + ".", "");
        } else if (s.rise() == 0) {
            item.step("Top and bottom have the same degree. Far out, only the first terms count: " + line + ".", "");
        } else {
            item.step(
                    s.rise() == 1
                            ? "The top has one degree more. Divide: what the remainder gives fades away, and the line"
                                    + " is "
                                    + line + "."
                            : "The top has " + s.rise() + " degrees more. Divide: there is no line, and far out the"
                                    + " graph runs like " + line + ".",
                    PolynomialText.latex(s.quotient())
                            + (s.remainder().isZero()
                                    ? ""
                                    : " + \\frac{" + PolynomialText.latex(s.remainder()) + "}{"
                                            + PolynomialText.latex(s.reducedBottom()) + "}"));
        }
        if (s.hasLine()) {
            item.step(
                    s.meets().isEmpty()
                            ? "Set the function equal to that line: no $x$ fits, so the graph never meets it."
                            : "Set the function equal to that line. They meet at "
                                    + Words.list(s.meets().stream()
                                            .map(x -> "$x = " + Linear.fractionLatex(x) + "$")
                                            .toList())
                                    + ".",
                    "");
        }
    }
}
