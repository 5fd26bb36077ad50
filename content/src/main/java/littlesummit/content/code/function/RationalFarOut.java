package littlesummit.content.code.function;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.math.Expr;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Mistakes;

/** Questions about a rational function far from zero: its line, what it meets there, or where else it goes. */
final class RationalFarOut {
    private RationalFarOut() {}

    /** For functions with a line. */
    static Part asymptote(RationalShape s) {
        AnswerSpec answer = AnswerSpec.of(Kind.EQUATION, new Form.Solved("y"), RationalGraph.line(s))
                .withLetters("x", "y");
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        s.rise() == 1,
                        RationalGraph.line(s) + " + (" + PolynomialText.plain(s.remainder()) + ")/("
                                + PolynomialText.plain(s.reducedBottom()) + ")",
                        "remainder-kept",
                        "The part with the remainder fades away. Keep only the quotient.")
                .add("y = 0", "axis", "That would need a bottom of higher degree. Compare the degrees.")
                .addIf(
                        s.rise() < 0,
                        "y = " + s.factor(),
                        "leading-coefficients",
                        "That would need the same degree above and below. Compare the degrees.")
                .addIf(s.rise() == 1, "y = " + s.factor(), "horizontal", "The top has the higher degree: divide.")
                .addIf(
                        !s.poles().isEmpty(),
                        "x = " + s.polesOnce().stream().findFirst().orElse(0),
                        "vertical",
                        "That is a vertical asymptote. Where does the graph go when $x$ gets very large?");
        return Part.of(
                "Which line does the graph come close to far out?",
                Field.typed("asymptote", "Asymptote", "an equation that starts with y =", answer, mistakes.list()),
                "Compare the degree of the top with that of the bottom.",
                switch (s.rise()) {
                    case 0 -> "With equal degrees only the first terms count far out.";
                    case 1 -> "With one degree more above, divide and keep the quotient.";
                    default -> "With the higher degree below, the bottom grows faster than the top.";
                },
                switch (s.rise()) {
                    case 0 ->
                        "The first terms of top and bottom are $" + leading(s.reducedTop()) + "$ and $"
                                + leading(s.reducedBottom()) + "$.";
                    case 1 ->
                        "Divide $" + PolynomialText.latex(s.reducedTop()) + "$ by $"
                                + PolynomialText.latex(s.reducedBottom()) + "$. How often does the first term fit?";
                    default -> "Put in 1000 for $x$ and estimate: is the top or the bottom larger, and by how much?";
                });
    }

    private static String leading(Polynomial p) {
        int degree = p.degree("x");
        return PolynomialText.latex(Polynomial.letter("x").power(degree).times(p.coefficient("x", degree)));
    }

    private static final List<String> ENDS = List.of(
            "up on both sides",
            "down on both sides",
            "down on the left and up on the right",
            "up on the left and down on the right");

    /** For functions without a line: where the two ends go. */
    static Part ends(RationalShape s, Draw draw) {
        boolean isEven = s.rise() % 2 == 0;
        boolean isUp = s.factor() > 0;
        String right = ENDS.get(isEven ? (isUp ? 0 : 1) : isUp ? 2 : 3);
        Choices choices = Choices.right(right);
        ENDS.forEach(end -> choices.wrong(
                end,
                "ends",
                "Look at the quotient of the first terms alone, for a large positive $x$ and for a large negative"
                        + " one."));
        choices.wrong(
                "close to a slanted line",
                "line-expected",
                "A line belongs to it only when the top has at most one degree more than the bottom.");
        return Part.of(
                "Where does the graph go far out?",
                choices.shuffled("ends", "Far out", draw),
                "Compare the degree of the top with that of the bottom.",
                "Far out only the first terms count: the function runs like their quotient.",
                "The first terms are $" + leading(s.reducedTop()) + "$ and $" + leading(s.reducedBottom())
                        + "$. What is left of them when you divide?");
    }

    static Part drawn(RationalShape s) {
        AnswerSpec answer = AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, RationalGraph.line(s))
                .withLetters("x", "y");
        Mistakes mistakes = Mistakes.of(answer)
                .add("y = 0", "axis", "That is the x-axis. Draw the line that you have just found.")
                .add(
                        "x = " + s.poles().getFirst(),
                        "vertical",
                        "That is a vertical asymptote. Draw the line that the graph comes close to far out.");
        Figure.Grid grid = new Figure.Grid("An empty grid from -10 to 10.", -10, 10, -10, 10, 1, List.of());
        Field field = Field.typed("drawn", "Line", "", answer, mistakes.list()).by(new Response.PlotLine(grid));
        int c = whole(s.quotient().coefficient("x", 0));
        int slope = whole(s.quotient().coefficient("x", 1));
        // On the grid, however high the line meets the y-axis.
        int at = Math.abs(c) > 8 ? -slope * c / 2 : 0;
        return Part.of(
                "Draw that line: place two of its points.",
                field,
                "Two points make a line.",
                "Put in two values for $x$ and see which $y$ belong to them.",
                "One of its points lies at $x = " + at + "$. Which $y$ belongs to it?");
    }

    private static int whole(Polynomial constant) {
        return constant.asRational().orElse(Rational.ZERO).num().intValueExact();
    }

    static Part meeting(RationalShape s) {
        String key = PlainPrinter.set(s.meets().stream().map(Expr::fraction).toList());
        AnswerSpec answer = AnswerSpec.of(Kind.SET, Form.Shape.ANY, key);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        RationalAlgebra.set(s.zeros()),
                        "zeros",
                        "Those are where it meets the x-axis. Set it equal to the asymptote.")
                .addIf(
                        !s.meets().isEmpty(),
                        "none",
                        "never",
                        "A graph may meet its horizontal or slanted asymptote. Set the two equal and solve.");
        return Part.of(
                "At which $x$ does it meet that line?",
                Field.typed("meets", "x", RationalAlgebra.NUMBERS, answer, mistakes.list()),
                "Set the function equal to the line.",
                "Multiply by the bottom and solve what is left. If no $x$ is left and what stands there is false, they"
                        + " never meet.",
                "Solve $" + PolynomialText.latex(s.reducedTop()) + " = " + times(s.quotient(), s.reducedBottom())
                        + "$.");
    }

    private static String times(Polynomial a, Polynomial b) {
        return a.isZero()
                ? "0"
                : "\\left(" + PolynomialText.latex(a) + "\\right)\\left(" + PolynomialText.latex(b) + "\\right)";
    }
}
