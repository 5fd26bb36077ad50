package littlesummit.content.code.function;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.math.Expr;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** A rational function taken apart step by step, down to its graph. */
public final class RationalAnalyse extends SkillDefinition {
    public RationalAnalyse() {
        super("rational-analyse", "Rational functions", List.of("whole-way", "short-way"));
    }

    @Override
    public int version() {
        return 4;
    }

    /**
     * A check has no room for a chain of thirteen parts, and the graphs to choose from show what the other parts ask.
     */
    @Override
    public List<String> openVariants(int tier) {
        return List.of("key-facts", "its-graph");
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        RationalShape s = RationalShape.draw(ref.tier(), draw);
        Items item = Items.of(ref)
                .text(
                        ref.variant().equals("whole-way")
                                ? "Take this function apart, step by step."
                                : "Find out what the graph of this function looks like.")
                .formula("f(x) = \\frac{" + PolynomialText.latex(s.top()) + "}{" + PolynomialText.latex(s.bottom())
                        + "}");
        switch (ref.variant()) {
            case "whole-way" ->
                item.part(factor(s))
                        .part(domain(s))
                        .part(lowest(s))
                        .part(zeros(s))
                        .part(start(s))
                        .part(crossing(s, draw))
                        .part(poles(s))
                        .part(beside(s))
                        .part(asymptote(s))
                        .part(drawn(s))
                        .part(meeting(s))
                        .part(window(s, draw))
                        .part(graph(s, draw));
            case "key-facts" -> item.part(domain(s)).part(poles(s)).part(asymptote(s));
            case "its-graph" -> item.part(graph(s, draw));
            default -> item.part(domain(s)).part(poles(s)).part(asymptote(s)).part(graph(s, draw));
        }
        String holeLatex = "\\left(" + Linear.latex("x", 1, -s.hole()) + "\\right)";
        return item.step(
                        "Factor the top and the bottom.",
                        "\\frac{" + factored(s.factor(), s.zeros(), true) + holeLatex + "}{"
                                + factored(1, s.poles(), true) + holeLatex + "}")
                .step(
                        "Cancel the shared factor. At $x = " + s.hole() + "$ a hole stays.",
                        "\\frac{" + PolynomialText.latex(s.reducedTop()) + "}{"
                                + PolynomialText.latex(s.reducedBottom()) + "}")
                .step(
                        "Where only the bottom is zero, the graph runs along a vertical asymptote; where only the top"
                                + " is zero, it meets the x-axis.",
                        "")
                .step(
                        s.isOblique()
                                ? "Divide: the quotient is the oblique asymptote; the remainder fades away."
                                : "Top and bottom have the same degree: the leading coefficients give the horizontal"
                                        + " asymptote.",
                        "y = " + PolynomialText.latex(s.asymptote()))
                .given("(" + PolynomialText.plain(s.top()) + ")/(" + PolynomialText.plain(s.bottom()) + ")")
                .build();
    }

    private static String factored(int factor, List<Integer> roots, boolean latex) {
        StringBuilder text = new StringBuilder(factor == 1 ? "" : factor == -1 ? "-" : String.valueOf(factor));
        roots.forEach(r -> text.append(
                latex ? "\\left(" + Linear.latex("x", 1, -r) + "\\right)" : "(" + Linear.plain("x", 1, -r) + ")"));
        return text.toString();
    }

    private static String quotient(Polynomial top, Polynomial bottom) {
        return "(" + PolynomialText.plain(top) + ")/(" + PolynomialText.plain(bottom) + ")";
    }

    private static Part factor(RationalShape s) {
        String hole = "(" + Linear.plain("x", 1, -s.hole()) + ")";
        AnswerSpec answer = AnswerSpec.of(
                Kind.EXPRESSION,
                Form.Shape.FACTORED,
                factored(s.factor(), s.zeros(), false) + hole + "/(" + factored(1, s.poles(), false) + hole + ")");
        List<Integer> turned = s.zeros().stream().map(z -> -z).toList();
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        factored(s.factor(), turned, false) + hole + "/(" + factored(1, s.poles(), false) + hole + ")",
                        "signs",
                        "Multiply the top out again: the signs do not fit.")
                .add(
                        factored(1, s.poles(), false) + hole + "/(" + factored(s.factor(), s.zeros(), false) + hole
                                + ")",
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
                "Factor the top and the bottom on their own.",
                "Look for zeros: $x - z$ is a factor when the value at $z$ is zero.",
                "Both contain the factor $" + Linear.latex("x", 1, -s.hole()) + "$.");
    }

    private static Part domain(RationalShape s) {
        String key = exclude(s.poles()) + ", x != " + s.hole();
        AnswerSpec answer = AnswerSpec.of(Kind.DOMAIN, Form.Shape.ANY, key);
        Mistakes mistakes = Mistakes.of(answer)
                .add(exclude(s.poles()), "hole-forgotten", "The factor that cancels must not be zero either.")
                .add(exclude(s.zeros()), "top-for-bottom", "Those are zeros of the top. Which x make the bottom zero?");
        return Part.of(
                "For which $x$ is it defined?",
                Field.typed("domain", "Domain", "intervals, or conditions such as $x \\ne 4$", answer, mistakes.list()),
                "A fraction has no value when its bottom is zero.",
                "Leave out every zero of the bottom, also those that cancel.",
                "Write the bottom as a product of " + (s.poles().size() == 1 ? "two" : "three")
                        + " factors. Which x makes each of them zero?");
    }

    private static String exclude(List<Integer> places) {
        return String.join(
                ", ", places.stream().distinct().map(p -> "x != " + p).toList());
    }

    private static Part lowest(RationalShape s) {
        AnswerSpec answer =
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.LOWEST_TERMS, quotient(s.reducedTop(), s.reducedBottom()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        quotient(s.reducedBottom(), s.reducedTop()),
                        "upside-down",
                        "It looks as if top and bottom have changed places.")
                .add(quotient(s.top(), s.bottom()), "not-cancelled", "The top and the bottom still share a factor.");
        return Part.of(
                "Write it in lowest terms.",
                Field.typed(
                        "lowest", "In lowest terms", "one fraction without a common factor", answer, mistakes.list()),
                "Which factor stands both above and below?",
                "A factor of the whole top and the whole bottom may be cancelled.",
                "Cancel $" + Linear.latex("x", 1, -s.hole()) + "$.");
    }

    private static String set(List<Integer> places) {
        return PlainPrinter.set(places.stream()
                .distinct()
                .sorted()
                .map(p -> Expr.integer((long) p))
                .toList());
    }

    private static Part zeros(RationalShape s) {
        AnswerSpec answer = AnswerSpec.of(Kind.SET, Form.Shape.ANY, set(s.zeros()));
        List<Integer> withHole = new java.util.ArrayList<>(s.zeros());
        withHole.add(s.hole());
        Mistakes mistakes = Mistakes.of(answer)
                .add(set(withHole), "hole-for-zero", "At one of these the function is not defined.")
                .add(
                        set(s.poles()),
                        "top-and-bottom",
                        "Those make the bottom zero. A quotient is zero where its top is.");
        return Part.of(
                "For which $x$ does it meet the x-axis?",
                Field.typed("zeros", "x", "the numbers, with commas between them, or none", answer, mistakes.list()),
                "When is a fraction zero?",
                "It is zero where the top is zero and the bottom is not.",
                "The reduced top is $" + PolynomialText.latex(s.reducedTop()) + "$.");
    }

    private static Part start(RationalShape s) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION, Linear.fraction(s.atZero()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(Linear.fraction(s.atZero().negate()), "sign", "Look at the signs when you put in 0.")
                .add(
                        Linear.fraction(s.atZero().reciprocal()),
                        "upside-down",
                        "It looks as if top and bottom have changed places.");
        return Part.of(
                "Where does it meet the y-axis?",
                Field.typed("start", "y", "a whole number or a fraction", answer, mistakes.list()),
                "Which x belongs to the y-axis?",
                "Put in 0 for x.",
                "Everything with x in it falls away there. Divide what is left of the top by what is left of the"
                        + " bottom.");
    }

    private static Part crossing(RationalShape s, Draw draw) {
        int zero = s.zeros().getFirst();
        boolean touches = s.zeros().stream().filter(z -> z == zero).count() % 2 == 0;
        Field field = Choices.right(touches ? "it touches the x-axis and turns back" : "it crosses the x-axis")
                .wrong(
                        touches ? "it crosses the x-axis" : "it touches the x-axis and turns back",
                        "multiplicity",
                        "How often does the factor occur? An odd number of times changes the sign.")
                .shuffled("crossing", "At x = " + zero, draw);
        return Part.of(
                "What does the graph do at $x = " + zero + "$?",
                field,
                "Does the function change its sign there?",
                "An odd power of the factor crosses, an even one touches.",
                "The factor $" + Linear.latex("x", 1, -zero) + "$ occurs " + (touches ? "twice." : "once."));
    }

    private static Part poles(RationalShape s) {
        AnswerSpec answer = AnswerSpec.of(Kind.SET, Form.Shape.ANY, set(s.poles()));
        List<Integer> withHole = new java.util.ArrayList<>(s.poles());
        withHole.add(s.hole());
        Mistakes mistakes = Mistakes.of(answer)
                .add(set(withHole), "hole-for-asymptote", "At one of these there is only a hole: its factor cancels.")
                .add(set(s.zeros()), "top-and-bottom", "Those make the top zero. Look at the bottom.");
        return Part.of(
                "At which $x$ are the vertical asymptotes?",
                Field.typed("poles", "x", "the numbers, with commas between them, or none", answer, mistakes.list()),
                "Reduce first. Which factors stay below?",
                "A zero of the reduced bottom gives a vertical asymptote, a cancelled factor a hole.",
                "The reduced bottom is $" + PolynomialText.latex(s.reducedBottom()) + "$.");
    }

    private static Part beside(RationalShape s) {
        int pole = s.poles().getFirst();
        boolean up = s.risesRightOf(pole);
        Field field = Choices.right(up ? "it rises without end" : "it falls without end")
                .wrong(
                        up ? "it falls without end" : "it rises without end",
                        "sign-beside",
                        "Put in a number just right of it and look at the sign of every factor.")
                .ordered("beside", "Just right of x = " + pole, java.util.Comparator.naturalOrder());
        return Part.of(
                "What does the graph do just right of $x = " + pole + "$?",
                field,
                "Which sign has the function there?",
                "Put in a number just a little larger and look at the sign of each factor.",
                "Just right of it, $" + Linear.latex("x", 1, -pole) + "$ is positive and small.");
    }

    private static Part asymptote(RationalShape s) {
        AnswerSpec answer = AnswerSpec.of(
                        Kind.EQUATION, new Form.Solved("y"), "y = " + PolynomialText.plain(s.asymptote()))
                .withLetters("x", "y");
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        s.isOblique(),
                        "y = " + PolynomialText.plain(s.asymptote()) + " + 1/("
                                + PolynomialText.plain(s.reducedBottom()) + ")",
                        "remainder-kept",
                        "The remainder fades away. Keep only the quotient.")
                .add("y = 0", "axis", "That would need a bottom of higher degree. Compare the degrees.")
                .addIf(s.isOblique(), "y = " + s.factor(), "horizontal", "The top has the higher degree: divide.");
        return Part.of(
                "Which line does the graph approach far out?",
                Field.typed("asymptote", "Asymptote", "an equation that starts with y =", answer, mistakes.list()),
                "Compare the degrees of the top and the bottom.",
                "Equal degrees: y is the quotient of the leading coefficients. One more above: divide, and keep the"
                        + " quotient.",
                s.isOblique()
                        ? "The quotient starts with $" + (s.factor() == 1 ? "" : "-") + "x$."
                        : "The leading coefficients are $" + s.factor() + "$ and 1.");
    }

    private static Part drawn(RationalShape s) {
        AnswerSpec answer = AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, "y = " + PolynomialText.plain(s.asymptote()))
                .withLetters("x", "y");
        Mistakes mistakes = Mistakes.of(answer)
                .add("y = 0", "axis", "That is the x-axis. Draw the line that you have just found.")
                .add(
                        "x = " + s.poles().getFirst(),
                        "vertical",
                        "That is a vertical asymptote. Draw the line that the graph approaches far out.");
        Figure.Grid grid = new Figure.Grid("An empty grid from -10 to 10.", -10, 10, -10, 10, 1, List.of());
        Field field = Field.typed("drawn", "Line", "", answer, mistakes.list()).by(new Response.PlotLine(grid));
        int c = whole(s.asymptote().coefficient("x", 0));
        int slope = whole(s.asymptote().coefficient("x", 1));
        // On the grid, however high the line meets the y-axis.
        int at = Math.abs(c) > 8 ? -slope * c / 2 : 0;
        return Part.of(
                "Draw that line: place two of its points.",
                field,
                "Two points make a line.",
                "Put in two values for x and see which y belong to them.",
                "It goes through $(" + at + ", " + (slope * at + c) + ")$.");
    }

    private static int whole(Polynomial constant) {
        return constant.asRational().orElseThrow().num().intValueExact();
    }

    private static Part meeting(RationalShape s) {
        String key = PlainPrinter.set(s.meets().stream().map(Expr::fraction).toList());
        AnswerSpec answer = AnswerSpec.of(Kind.SET, Form.Shape.ANY, key);
        Mistakes mistakes = Mistakes.of(answer)
                .add(set(s.zeros()), "zeros", "Those are where it meets the x-axis. Set it equal to the asymptote.")
                .addIf(
                        !s.meets().isEmpty(),
                        "none",
                        "never",
                        "Set it equal to the asymptote and solve: there is a solution.");
        return Part.of(
                "At which $x$ does it meet that line?",
                Field.typed("meets", "x", "the numbers, with commas between them, or none", answer, mistakes.list()),
                "Set the function equal to the line.",
                "Multiply by the bottom and solve what is left.",
                "$" + PolynomialText.latex(s.reducedTop()) + " = \\left(" + PolynomialText.latex(s.asymptote())
                        + "\\right)\\left(" + PolynomialText.latex(s.reducedBottom()) + "\\right)$.");
    }

    private static Part window(RationalShape s, Draw draw) {
        int right = IntStream.of(WINDOWS).filter(w -> s.reach() < w).findFirst().orElse(WINDOWS[WINDOWS.length - 1]);
        Choices choices = Choices.right(windowText(right));
        for (int w : WINDOWS) {
            choices.wrong(
                    windowText(w),
                    w < right ? "too-small" : "too-large",
                    w < right
                            ? "Something lies outside of it. Look at each place that you have found, its x and its y."
                            : "All of it can be seen there, but a smaller one shows it too.");
        }
        return Part.of(
                "Which is the smallest window that shows all of this?",
                choices.ordered("window", "Window", Comparator.comparingInt(RationalAnalyse::windowSize)),
                "Which places have you found, and what are their x and y?",
                "A good window holds every zero, asymptote and hole, where it meets the y-axis, and where it meets its"
                        + " asymptote.",
                "Find the number farthest from zero among all these x and y.");
    }

    /** Windows to choose from: x and y from minus so much to so much. */
    private static final int[] WINDOWS = {5, 10, 20, 40};

    private static String windowText(int w) {
        return "x and y from -" + w + " to " + w;
    }

    private static int windowSize(String text) {
        return Integer.parseInt(text.substring(text.lastIndexOf(' ') + 1));
    }

    private static Part graph(RationalShape s, Draw draw) {
        Choices choices = Choices.right("", s.graph())
                .wrong("", s.mirrored().graph(), "mirrored", "Check the sign at one point, such as on the y-axis.");
        if (s.zeros().size() == 1) {
            choices.wrong(
                    "", s.exchanged().graph(), "swapped", "There the zero and the asymptote have changed places.");
        } else {
            choices.wrong(
                    "",
                    s.shifted(s.poles().getFirst() > 0 ? -2 : 2).graph(),
                    "shifted",
                    "Its asymptotes stand elsewhere.");
        }
        choices.wrong(
                "",
                new RationalShape(s.factor(), s.zeros(), turned(s), s.hole()).graph(),
                "signs",
                "Look at where its asymptotes stand: the signs turn round.");
        Field field = choices.shuffled("graph", "Graph", draw);
        return Part.of(
                "Which is its graph?",
                field,
                "Look for the asymptotes first.",
                "Compare asymptotes, zeros, and one value.",
                "There must be a vertical asymptote at $x = " + s.poles().getFirst() + "$.");
    }

    /** The first pole on the other side of zero, or next to it where a zero or a pole stands there. */
    private static List<Integer> turned(RationalShape s) {
        int wanted = -s.poles().getFirst();
        boolean taken = s.zeros().contains(wanted) || s.poles().contains(wanted);
        List<Integer> poles = new java.util.ArrayList<>(s.poles());
        poles.set(0, taken ? 6 * Integer.signum(wanted) : wanted);
        return poles;
    }
}
