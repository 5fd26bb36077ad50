package littlesummit.content.code.function;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Part;
import littlesummit.core.math.Expr;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/** Questions about a rational function that are answered by factoring, cancelling and putting in. */
final class RationalAlgebra {
    private static final String EVERYWHERE = "all real numbers";

    static final String NUMBERS = "the numbers, with commas between them, or none";

    private RationalAlgebra() {}

    static Part factored(RationalShape s) {
        AnswerSpec answer = AnswerSpec.of(
                Kind.EXPRESSION, Form.Shape.FACTORED, "(" + s.above(s.holes()) + ")/(" + s.below(s.holes()) + ")");
        RationalShape turned = s.turned();
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        "(" + turned.above(turned.holes()) + ")/(" + turned.below(turned.holes()) + ")",
                        "signs-turned",
                        "It looks as if the signs in the brackets are turned round. Multiply the top out again.")
                .add(
                        "(" + s.below(s.holes()) + ")/(" + s.above(s.holes()) + ")",
                        "upside-down",
                        "It looks as if top and bottom have changed places.");
        return Part.of(
                "Factor the top and the bottom.",
                Field.typed(
                        "factored",
                        "f(x) factored",
                        "a quotient of products that come apart no further",
                        answer,
                        mistakes.list()),
                "Factor the top and the bottom each on its own.",
                "Two numbers in the brackets multiply to the last number and add up to the one before $x$."
                        + (s.factor() == 1 ? "" : " Take out what all terms of the top share first."),
                s.hole() * s.poles().getFirst() == 0
                        ? "Each term of the bottom, $" + PolynomialText.latex(s.bottom()) + "$, contains $x$."
                        : "Begin with the bottom, $" + PolynomialText.latex(s.bottom())
                                + "$, and list the pairs of whole numbers with the right product.");
    }

    static Part domain(RationalShape s) {
        List<Integer> out =
                Stream.concat(s.polesOnce().stream(), s.holes().stream()).toList();
        AnswerSpec answer = AnswerSpec.of(Kind.DOMAIN, new Form.Solved("x"), out.isEmpty() ? EVERYWHERE : without(out));
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        s.hasHole(),
                        s.poles().isEmpty() ? EVERYWHERE : without(s.polesOnce()),
                        "hole-forgotten",
                        "A factor that cancels must not be zero either: before it is cancelled, it stands below.")
                .addIf(
                        !out.isEmpty(),
                        without(out.stream().map(p -> -p).toList()),
                        "signs-turned",
                        "Put one of your numbers in: is the bottom zero there?")
                .addIf(
                        !s.zeros().isEmpty(),
                        without(s.zerosOnce()),
                        "top-for-bottom",
                        "Those make the top zero. Which numbers make the bottom zero?");
        if (out.isEmpty()) {
            mistakes.add(
                    "x != " + s.plus(),
                    "no-root-read-as-one",
                    "Put your number in: is the bottom zero there? A square is never negative.");
        }
        return Part.of(
                "For which $x$ is it defined?",
                Field.typed(
                        "domain",
                        "Domain",
                        "intervals, conditions such as $x \\ne 9$, or all real numbers",
                        answer,
                        mistakes.list()),
                "A fraction has no value when its bottom is zero.",
                s.plus() == 0
                        ? "Leave out every number that makes the bottom zero, also where a factor cancels."
                        : "A square is zero or more. What does that say about $x^2 + " + s.plus() + "$?",
                s.plus() == 0
                        ? "Look at the bottom as a product: it is zero as soon as one factor is. How many factors does"
                                + " it have here?"
                        : "Which $x$ makes $x^2 + " + s.plus() + "$ as small as it can be, and how small is that?");
    }

    private static String without(List<Integer> places) {
        return String.join(
                ", ", places.stream().distinct().map(p -> "x != " + p).toList());
    }

    static Part lowest(RationalShape s) {
        AnswerSpec answer = AnswerSpec.of(Kind.EXPRESSION, Form.Shape.LOWEST_TERMS, s.reducedPlain());
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        "(" + PolynomialText.plain(s.reducedBottom()) + ")/(" + PolynomialText.plain(s.reducedTop())
                                + ")",
                        "upside-down",
                        "It looks as if top and bottom have changed places.")
                .add(
                        "(" + PolynomialText.plain(s.top()) + ")/(" + PolynomialText.plain(s.bottom()) + ")",
                        "not-cancelled",
                        "The top and the bottom still share a factor.");
        return Part.of(
                "Write it in lowest terms.",
                Field.typed(
                        "lowest", "In lowest terms", "one fraction without a common factor", answer, mistakes.list()),
                "Which factor stands both above and below?",
                "Only a factor of the whole top and of the whole bottom may be cancelled, never a single term.",
                "One of the factors is zero at $x = " + s.hole() + "$, above and below.");
    }

    /** Where there is a hole, as a point. */
    static Part hole(RationalShape s) {
        Rational height = s.at(s.hole());
        String y = Linear.fraction(height);
        AnswerSpec answer =
                AnswerSpec.of(Kind.PAIR, height.isInteger() ? Form.Shape.ANY : Form.Shape.FRACTION, pair(s.hole(), y));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        pair(s.hole(), "0"),
                        "hole-on-axis",
                        "The function is not zero there: it has no value. Which height does the graph come close to?")
                .add(
                        "(" + y + ", " + s.hole() + ")",
                        "swapped",
                        "It looks as if the two have changed places. The first one belongs to $x$.")
                .add(
                        pair(-s.hole(), y),
                        "signs-turned",
                        "Which number makes the factor that cancels zero? Look at the sign.")
                .add(
                        pair(s.hole(), Linear.fraction(height.negate())),
                        "sign",
                        "Look at the signs when you put the number in.");
        return Part.of(
                "The graph has a hole. At which point?",
                Field.typed(
                        "hole",
                        "Hole",
                        height.isInteger() ? "a pair (x, y)" : "a pair (x, y), with fractions",
                        answer,
                        mistakes.list()),
                "At which $x$ is the factor that cancels zero?",
                "The function has no value there, but after cancelling one sees the height that the graph comes close"
                        + " to.",
                "Put that $x$ into the fraction in lowest terms.");
    }

    /** For functions without a hole: whether there is one has to be found out. */
    static Part anyHole(RationalShape s) {
        AnswerSpec answer = AnswerSpec.of(Kind.SET, Form.Shape.ANY, set(s.holes()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        set(s.polesOnce()),
                        "pole-for-hole",
                        "There the graph runs away along an asymptote. A hole needs a factor that cancels.")
                .add(
                        set(s.zerosOnce()),
                        "zero-for-hole",
                        "There the function is zero. A hole needs a factor that cancels.");
        return Part.of(
                "At which $x$ does the graph have a hole, if anywhere?",
                Field.typed("any-hole", "x", NUMBERS, answer, mistakes.list()),
                "What makes a hole and not an asymptote?",
                "A hole stays where the same factor stands above and below and cancels.",
                "Compare each factor of the bottom with each factor of the top.");
    }

    private static String pair(int x, String y) {
        return "(" + x + ", " + y + ")";
    }

    static String set(List<Integer> places) {
        return PlainPrinter.set(places.stream()
                .distinct()
                .sorted()
                .map(p -> Expr.integer((long) p))
                .toList());
    }

    static Part zeros(RationalShape s) {
        AnswerSpec answer = AnswerSpec.of(Kind.SET, Form.Shape.ANY, set(s.zeros()));
        List<Integer> withHole = new ArrayList<>(s.zeros());
        withHole.addAll(s.holes());
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(s.hasHole(), set(withHole), "hole-for-zero", "At one of these the function is not defined.")
                .add(
                        set(s.polesOnce()),
                        "top-and-bottom",
                        "Those make the bottom zero. A quotient is zero where its top is.")
                .addIf(
                        !s.zeros().isEmpty(),
                        set(s.zeros().stream().map(z -> -z).toList()),
                        "signs-turned",
                        "Put one of your numbers in: is the top zero there?");
        if (s.zeros().isEmpty()) {
            mistakes.add("{0}", "zero-of-nothing", "Put 0 in: is the value 0?");
        }
        return Part.of(
                "For which $x$ does it meet the x-axis?",
                Field.typed("zeros", "x", NUMBERS, answer, mistakes.list()),
                "When is a fraction zero?",
                "It is zero where the top is zero and the bottom is not.",
                s.zeros().isEmpty()
                        ? "After cancelling, what is left above? Can that be zero?"
                        : s.zeros().size() == 1
                                ? "Above, in lowest terms, stands one factor with $x$. When is it zero?"
                                : "Above, in lowest terms, stand "
                                        + List.of("two", "three", "four")
                                                .get(s.zeros().size() - 2)
                                        + " factors with $x$, if each is counted as often as it occurs. When is each"
                                        + " of them zero?");
    }

    static Part start(RationalShape s) {
        boolean isThere = s.isDefinedAt(Rational.ZERO);
        String key = isThere ? "{" + Linear.fraction(s.at(0)) + "}" : "{}";
        AnswerSpec answer = AnswerSpec.of(Kind.SET, Form.Shape.ANY, key);
        Mistakes mistakes = Mistakes.of(answer);
        if (isThere && !s.at(0).isZero()) {
            mistakes.add("{" + Linear.fraction(s.at(0).negate()) + "}", "sign", "Look at the signs when you put in 0.")
                    .add(
                            "{" + Linear.fraction(s.at(0).reciprocal()) + "}",
                            "upside-down",
                            "It looks as if top and bottom have changed places.")
                    .add("{0}", "axis-exchanged", "On the y-axis it is $x$ that is 0.")
                    .add(set(s.zeros()), "axis-exchanged", "That is where it meets the x-axis.");
        } else {
            mistakes.add(
                            "none",
                            "zero-is-a-value",
                            "The top is 0 there and the bottom is not. What is 0 divided by that?")
                    .add("{0}", "divided-by-zero", "At $x = 0$ the bottom is zero. Is there a value?");
        }
        return Part.of(
                "At which $y$ does it meet the y-axis?",
                Field.typed("start", "y", "a whole number or a fraction, or none", answer, mistakes.list()),
                "Which $x$ belongs to the y-axis?",
                "Put in 0 for $x$, above and below. There is nothing to meet where it is not defined.",
                "What is left of the top, and what is left of the bottom, when everything with $x$ is zero?");
    }

    /** A polynomial as it would be typed, in brackets where it has several terms. */
    static String bracketed(Polynomial p) {
        return p.size() > 1 ? "(" + PolynomialText.plain(p) + ")" : PolynomialText.plain(p);
    }
}
