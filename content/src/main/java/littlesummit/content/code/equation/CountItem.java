package littlesummit.content.code.equation;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;

/** How many solutions an equation has: chosen with a reason, or the equation among four. */
final class CountItem {
    /** How many, in words, with the reason that the equation gives. */
    enum Count {
        ONE("one, because the coefficients of $x$ differ", "exactly one solution"),
        NONE("none, because the coefficients of $x$ agree and the constants differ", "no solution"),
        ALL("infinitely many, because both sides are the same", "infinitely many solutions");

        final String reason;
        final String words;

        Count(String reason, String words) {
            this.reason = reason;
            this.words = words;
        }
    }

    private CountItem() {}

    private static Sides sides(Count count, Draw draw, int a, int b) {
        int c = count == Count.ONE ? draw.between(-9, 12, n -> n != a && n != 0) : a;
        int d = count == Count.ALL
                ? b
                : count == Count.ONE && draw.coin() ? b : draw.between(-20, 20, n -> n != b && n != 0);
        return new Sides(a, b, c, d);
    }

    static Item plain(ItemRef ref, String frame, Draw draw) {
        Count count = draw.oneOf(Count.values());
        Sides s = sides(count, draw, draw.between(2, 9), draw.between(-9, 12, n -> n != 0));
        Items item = Items.of(ref)
                .text(frame)
                .formula(s.latex())
                .part(part(s, count, draw, "On the left the coefficient of $x$ is " + s.a() + ". And on the right?"));
        return ended(item, s, count).given(s.plain()).build();
    }

    static Item brackets(ItemRef ref, String frame, Draw draw) {
        Count count = draw.oneOf(Count.values());
        int k = draw.between(2, 6);
        int inner = draw.between(2, 5);
        int m = draw.between(-8, 9, n -> n != 0);
        Sides s = sides(count, draw, k * inner, k * m);
        Items item = Items.of(ref)
                .text(frame)
                .formula(k + "\\left(" + Linear.latex("x", inner, m) + "\\right) = " + s.right())
                .part(part(
                        s,
                        count,
                        draw,
                        "On the left the coefficient of $x$ is " + s.a() + " once the brackets are gone."))
                .step("Multiply out: " + k + " multiplies both terms in the brackets.", s.latex());
        return ended(item, s, count)
                .given(k + "(" + Linear.plain("x", inner, m) + ")=" + Linear.plain("x", s.c(), s.d()))
                .build();
    }

    static Item split(ItemRef ref, String frame, Draw draw) {
        Count count = draw.oneOf(Count.values());
        Sides s = sides(count, draw, draw.between(3, 9), draw.between(-9, 12, n -> n != 0));
        int p = draw.between(1, 9, n -> n != s.c());
        int u = draw.between(-9, 9, n -> n != 0 && n != s.b());
        int left = draw.between(1, s.a() - 1);
        String leftSide = Linear.latex("x", left, u) + joined(s.a() - left, s.b() - u);
        String rightSide = Linear.latex("x", p, 0) + joined(s.c() - p, s.d());
        Items item = Items.of(ref)
                .text(frame)
                .formula(leftSide + " = " + rightSide)
                .part(part(s, count, draw, "Put the two terms with $x$ on the right together first."))
                .step("Put like terms together on each side.", s.latex());
        return ended(item, s, count).given(leftSide + "=" + rightSide).build();
    }

    private static String joined(int coefficient, int constant) {
        String sum = Linear.latex("x", coefficient, constant);
        return sum.equals("0") ? "" : sum.startsWith("-") ? " - " + sum.substring(1) : " + " + sum;
    }

    /** ax + b = cx + b: x is 0, which is a number like any other; or c is a, and every x fits. */
    static Item zero(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(2, 9);
        int b = draw.between(-9, 12, n -> n != 0);
        boolean isSame = draw.coin();
        int c = isSame ? a : draw.between(1, 12, n -> n != a);
        Sides s = new Sides(a, b, c, b);
        Items item = Items.of(ref)
                .text(frame)
                .formula(s.latex())
                .part(Part.of(
                        "Choose the answer with its reason.",
                        zeroCount(isSame, draw),
                        "Take the constant away on both sides. What is left?",
                        "Zero is a number like any other: it counts as a solution when it makes the equation true.",
                        "For which $x$ is $" + Linear.latex("x", a, 0) + " = " + Linear.latex("x", c, 0) + "$ true?"));
        if (isSame) {
            return item.step("Both sides are the same.", s.latex())
                    .step("So every $x$ fits: there are infinitely many solutions.", "")
                    .given(s.plain())
                    .build();
        }
        return s.steps(item)
                .step("Zero makes both sides equal, and no other number does.", "")
                .given(s.plain())
                .build();
    }

    private static Field zeroCount(boolean isSame, Draw draw) {
        String one = "one, because the coefficients of $x$ differ";
        String all = "infinitely many, because both sides are the same";
        return Choices.right(isSame ? all : one)
                .wrong(
                        isSame ? one : all,
                        "coefficients-misread",
                        "Compare the two coefficients of $x$ once more: are they the same?")
                .wrong(
                        "none, because nothing is left when the constants cancel",
                        "zero-read-as-none",
                        "When the constants cancel, terms with $x$ are left on both sides. Which numbers make them"
                                + " equal?")
                .wrong(
                        "infinitely many, because the constants agree",
                        "constants-only",
                        "The constants alone do not decide. Compare the coefficients of $x$, too.")
                .shuffled("count", "Number of solutions", draw);
    }

    static Item which(ItemRef ref, String frame, Draw draw) {
        Count wanted = draw.oneOf(Count.values());
        List<Count> others = draw.shuffled(List.of(Count.values())).stream()
                .filter(count -> count != wanted)
                .toList();
        Sides right = drawn(wanted, draw);
        Choices choices = Choices.right("$" + right.latex() + "$");
        List<Count> kinds = List.of(others.get(0), others.get(1), draw.oneOf(others));
        for (Count other : kinds) {
            choices.wrong(
                    "$" + drawn(other, draw).latex() + "$",
                    "other-count",
                    "Compare first what stands before $x$ on both sides, and then the constants.");
        }
        return Items.of(ref)
                .text(frame)
                .part(Part.of(
                        "Which equation has " + wanted.words + "?",
                        choices.shuffled("equation", "Equation", draw),
                        "What has to be so for the number of $x$ on both sides, and what for the constants?",
                        "Different coefficients of $x$ leave one $x$. Equal ones leave no $x$ at all: then the"
                                + " constants decide.",
                        "Go through them one by one and write down only the two coefficients of $x$."))
                .step(
                        switch (wanted) {
                            case ONE -> "In this one the coefficients of $x$ differ, so one $x$ fits.";
                            case NONE -> "In this one the coefficients of $x$ agree and the constants do not.";
                            case ALL -> "In this one both sides are the same, so every $x$ fits.";
                        },
                        right.latex())
                .step("In the other three it is different: compare their coefficients and constants.", "")
                .given("")
                .build();
    }

    private static Sides drawn(Count count, Draw draw) {
        return sides(count, draw, draw.between(2, 9), draw.between(-9, 12, n -> n != 0));
    }

    /** The steps from an equation without brackets to the count. */
    static Items ended(Items item, Sides s, Count count) {
        item.step("Bring the terms with $x$ to one side.", Linear.latex("x", s.a() - s.c(), s.b()) + " = " + s.d());
        return item.step(
                switch (count) {
                    case ONE -> "$x$ is left, so there is exactly one solution.";
                    case NONE -> "No $x$ is left, and the numbers differ: no $x$ can make this true.";
                    case ALL -> "No $x$ is left, and both sides are equal: every $x$ makes this true.";
                },
                "");
    }

    private static Part part(Sides s, Count count, Draw draw, String start) {
        String message = s.a() == s.c()
                ? "Compare the coefficients of $x$ on both sides first. What happens when they are the same?"
                : "It looks as if only the constants were compared. Compare the coefficients of $x$ first.";
        Choices choices = Choices.right(count.reason);
        for (Count other : Count.values()) {
            choices.wrong(other.reason, "constants-only", message);
        }
        choices.wrong(
                s.b() == s.d() ? "one, because the constants agree" : "none, because the constants differ",
                "constants-only",
                "The constants alone do not decide. Compare the coefficients of $x$ first.");
        return Part.of(
                "Choose the answer with its reason.",
                choices.shuffled("count", "Number of solutions", draw),
                "What is the coefficient of $x$ on each side, the number before it? And which numbers stand without"
                        + " $x$?",
                "Different coefficients of $x$: one solution. The same coefficient: none if the constants differ,"
                        + " infinitely many if they agree.",
                start);
    }
}
