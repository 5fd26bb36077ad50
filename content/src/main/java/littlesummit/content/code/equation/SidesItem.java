package littlesummit.content.code.equation;

import java.util.List;
import littlesummit.core.item.Block;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;

/** Equations with the letter on both sides and no brackets: bare, on a balance, with fractions, in a story. */
final class SidesItem {
    static final String RULE =
            "Whatever you do on one side, do on the other. So a term that changes sides changes its sign.";

    private SidesItem() {}

    /** All positive. */
    private static Sides positive(Draw draw) {
        int c = draw.between(1, 6);
        int a = draw.between(c + 1, 9);
        int x = draw.between(1, 9);
        int b = draw.between(1, 15);
        return Sides.solvedBy(x, a, b, c);
    }

    static Item bare(ItemRef ref, String frame, Draw draw) {
        return plain(ref, frame, positive(draw)).build();
    }

    /** More of the letter on the right. */
    static Item turned(ItemRef ref, String frame, Draw draw) {
        Sides s = positive(draw);
        return plain(ref, frame, new Sides(s.c(), s.d(), s.a(), s.b())).build();
    }

    private static Items plain(ItemRef ref, String frame, Sides s) {
        Items item = Items.of(ref).text(frame).formula(s.latex()).part(s.part("What is $x$?", RULE, s.start()));
        s.steps(item).given(s.plain());
        boolean fits = s.a() > 0 && s.c() > 0 && s.b() > 0 && s.d() > 0;
        return fits
                ? item.second(
                        "On a balance",
                        new Block.Text("Each box weighs $x$. Take away the same from both pans until a box stands"
                                + " alone."),
                        new Block.Picture(balance(s)))
                : item;
    }

    private static Figure.Balance balance(Sides s) {
        return new Figure.Balance(
                "A level balance: left " + boxes(s.a()) + " and " + s.b() + ", right " + boxes(s.c()) + " and " + s.d()
                        + ".",
                List.of(boxes(s.a()), String.valueOf(s.b())),
                List.of(boxes(s.c()), String.valueOf(s.d())),
                true);
    }

    private static String boxes(int n) {
        return n == 1 ? "1 box of x" : n + " boxes of x";
    }

    /** Only the picture; the equation has to be written from it. */
    static Item pans(ItemRef ref, String frame, Draw draw) {
        Sides positive = positive(draw);
        Sides s = draw.coin() ? positive : new Sides(positive.c(), positive.d(), positive.a(), positive.b());
        Items item = Items.of(ref)
                .text(frame)
                .picture(balance(s))
                .part(s.part(
                        "How many kilograms is $x$?",
                        "What is taken away from both pans leaves the balance level.",
                        "Begin with the boxes: how many can be taken from both pans?"))
                .step("Both pans weigh the same.", s.latex());
        return s.steps(item).given(s.plain()).build();
    }

    /** Below zero, and fractions come out. */
    static Item signed(ItemRef ref, String frame, Draw draw) {
        int c = draw.between(-6, 6, n -> n != 0);
        int a = draw.between(-9, 9, n -> n != 0 && Math.abs(n - c) > 1 && (n < 0 || c < 0));
        int b = draw.between(-12, 15, n -> n != 0);
        int d = draw.between(-15, 20, n -> n != b && n != 0 && (n - b) % (a - c) != 0 && n + b != 0);
        return plain(ref, frame, new Sides(a, b, c, d)).build();
    }

    /** x over n on one side. */
    static Item fractions(ItemRef ref, String frame, Draw draw) {
        int n = draw.between(2, 5);
        int c = draw.between(1, 4);
        int x = n * draw.between(-4, 6, k -> k != 0 && k != 1);
        int b = draw.between(-9, 12, k -> k != 0);
        int d = x / n + b - c * x;
        if (d == 0 || d == b) {
            return fractions(ref, frame, draw);
        }
        Sides cleared = new Sides(1, n * b, n * c, n * d);
        String left = "\\frac{x}{" + n + "}" + (b < 0 ? " - " + -b : " + " + b);
        String right = Linear.latex("x", c, d);
        Items item = Items.of(ref)
                .text(frame)
                .formula(left + " = " + right)
                .part(Sides.part(
                        "What is $x$?",
                        cleared.answer(),
                        cleared.mistakes(cleared.answer())
                                .addIf(
                                        n * c != 1,
                                        Linear.fraction(Rational.of(d - b, 1 - n * c)),
                                        "one-term-multiplied",
                                        "It looks as if only one term was multiplied. Every term on both sides is."),
                        "Multiplying both sides by the bottom multiplies every term. " + RULE,
                        "Start by multiplying every term by " + n + "."))
                .step("Multiply every term by " + n + ".", cleared.latex());
        return cleared.steps(item)
                .given("x/" + n + "+(" + b + ")=" + Linear.plain("x", c, d))
                .build();
    }

    /** Two things that change at their own pace until they are alike. */
    static Item story(ItemRef ref, String frame, Draw draw) {
        boolean sinks = frame.contains("burns");
        int x = draw.between(3, 12);
        int slow = draw.between(2, 6);
        int fast = draw.between(slow + 1, 12);
        int less = draw.between(15, 60);
        int more = less + (fast - slow) * x;
        Sides s = sinks ? new Sides(-fast, more + fast * 2, -slow, less + fast * 2) : new Sides(fast, less, slow, more);
        if (sinks && s.d() <= slow * x) {
            return story(ref, frame, draw);
        }
        Items item = Items.of(ref)
                .text(frame.formatted(s.b(), Math.abs(s.a()), s.d(), Math.abs(s.c())))
                .part(equation(s, draw))
                .part(s.part("Solve it: what is $x$?", RULE, s.start()))
                .step("Write down how much each of the two is at time $x$, and set both equal.", s.latex());
        return s.steps(item).given(s.plain()).build();
    }

    private static Part equation(Sides s, Draw draw) {
        String right = "$" + s.latex() + "$";
        Choices choices = Choices.right(right)
                .wrong(
                        "$" + new Sides(s.b(), Math.abs(s.a()), s.d(), Math.abs(s.c())).latex() + "$",
                        "exchanged",
                        "Which number is there at the start, and which one comes again and again?")
                .wrong(
                        "$" + new Sides(-s.a(), s.b(), -s.c(), s.d()).latex() + "$",
                        "direction",
                        "Does each of the two get more or less?")
                .wrong(
                        "$" + new Sides(s.c(), s.b(), s.a(), s.d()).latex() + "$",
                        "mixed",
                        "Which start belongs to which pace?");
        return Part.of(
                "Let $x$ be what is asked for. Which equation says that both are alike?",
                choices.shuffled("equation", "Equation", draw),
                "How much is the first one after 1, after 2, after $x$?",
                "What comes once stands alone; what comes again each time has $x$ as a factor.",
                "The first one begins with " + s.b() + ". What happens to it each time?");
    }
}
