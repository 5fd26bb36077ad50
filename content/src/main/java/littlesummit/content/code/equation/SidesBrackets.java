package littlesummit.content.code.equation;

import java.util.List;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/** Equations with brackets, and somebody's lines under one. */
final class SidesBrackets {
    private static final String HALF = "It looks as if only one term in the brackets was multiplied. Every term is.";
    private static final String SIGN =
            "A minus in front of brackets turns the sign of every term in them. It looks as if one kept its sign.";

    private SidesBrackets() {}

    /**
     * An equation and what it becomes without brackets.
     *
     * @param half what it becomes when only the first term in each pair of brackets is multiplied
     */
    private record Bracketed(String latex, String plain, Sides open, Sides half, String slip, String message) {
        Item item(ItemRef ref, String frame, String first, String start) {
            Mistakes mistakes = open.mistakes(open.answer());
            if (half.a() != half.c()) {
                mistakes = Mistakes.of(open.answer()).add(Linear.fraction(half.x()), slip, message);
                for (var other : open.mistakes(open.answer()).list()) {
                    mistakes.add(other.entry(), other.slip(), other.message());
                }
            }
            Items item = Items.of(ref)
                    .text(frame)
                    .formula(latex)
                    .part(Sides.part(
                            "What is $x$?",
                            open.answer(),
                            mistakes,
                            "A factor in front of brackets multiplies every term in them, with its sign. "
                                    + SidesItem.RULE,
                            start))
                    .step(first, open.latex());
            return open.steps(item).given(plain).build();
        }
    }

    private static String brackets(int factor, int b) {
        return factor + "\\left(" + Linear.latex("x", 1, b) + "\\right)";
    }

    private static String bracketsPlain(int factor, int b) {
        return factor + "*(" + Linear.plain("x", 1, b) + ")";
    }

    static Item one(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(2, 9);
        int c = draw.between(-6, 7, n -> n != 0 && n != a);
        int b = draw.between(-9, 9, n -> n != 0);
        int d = draw.between(-20, 25, n -> n != 0 && n != a * b && n != b);
        return new Bracketed(
                        brackets(a, b) + " = " + Linear.latex("x", c, d),
                        bracketsPlain(a, b) + "=" + Linear.plain("x", c, d),
                        new Sides(a, a * b, c, d),
                        new Sides(a, b, c, d),
                        "half-distributed",
                        HALF)
                .item(
                        ref,
                        frame,
                        "Multiply every term in the brackets by " + a + ".",
                        "Multiply both terms in the brackets by " + a + " before anything else.");
    }

    /** m − k(x + b) = cx + d */
    static Item minus(ItemRef ref, String frame, Draw draw) {
        int k = draw.between(2, 5);
        int m = draw.between(3, 20);
        int b = draw.between(-6, 6, n -> n != 0);
        int c = draw.between(1, 6);
        int d = draw.between(-12, 15, n -> n != 0 && n != m - k * b && m - k * b - n != -k * (k + c));
        return new Bracketed(
                        m + " - " + brackets(k, b) + " = " + Linear.latex("x", c, d),
                        m + "-" + bracketsPlain(k, b) + "=" + Linear.plain("x", c, d),
                        new Sides(-k, m - k * b, c, d),
                        new Sides(-k, m + k * b, c, d),
                        "minus-before-brackets",
                        SIGN)
                .item(
                        ref,
                        frame,
                        "Multiply every term in the brackets by $-" + k + "$, with its sign.",
                        "Multiply both terms in the brackets by $-" + k + "$ before anything else.");
    }

    static Item two(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(2, 9);
        int c = draw.between(2, 9, n -> n != a);
        int b = draw.between(-7, 7, n -> n != 0);
        int d = draw.between(-7, 7, n -> n != 0 && n != b && n * c != a * b);
        return new Bracketed(
                        brackets(a, b) + " = " + brackets(c, d),
                        bracketsPlain(a, b) + "=" + bracketsPlain(c, d),
                        new Sides(a, a * b, c, c * d),
                        new Sides(a, b, c, d),
                        "half-distributed",
                        HALF)
                .item(
                        ref,
                        frame,
                        "Multiply out both pairs of brackets.",
                        "Multiply both terms in the brackets by the factor before them, on either side.");
    }

    /** Four lines, one of them with a usual mistake. */
    static Item wrong(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(3, 8);
        int c = draw.between(1, a - 2);
        int b = draw.between(2, 7);
        int d = draw.between(-9, 20, n -> n != 0 && n != a * b && n != b && n + a * b != 0);
        int kind = draw.between(0, 3);
        Sides open = new Sides(a, a * b, c, d);
        Sides told = kind == 0 ? new Sides(a, b, c, d) : open;
        int letters = kind == 1 ? told.a() + c : told.a() - c;
        int number = kind == 2 ? d + told.b() : d - told.b();
        Rational end = kind == 3 ? Rational.of(letters, number) : Rational.of(number, letters);
        List<String> lines = List.of(
                told.latex(),
                Linear.latex("x", letters, told.b()) + " = " + d,
                Linear.latex("x", letters, 0) + " = " + number,
                "x = " + Linear.fractionLatex(end));
        if (number == 0 || lines.stream().distinct().count() < lines.size() || WrongLine.tell(lines, open.x())) {
            return wrong(ref, frame, draw);
        }
        String rule =
                switch (kind) {
                    case 0 -> "A factor in front of brackets multiplies every term in them.";
                    case 1 -> "A term with $x$ that changes sides changes its sign.";
                    case 2 -> "A number that changes sides changes its sign.";
                    default -> "Which number is divided by which, when $x$ is to stand alone?";
                };
        return new WrongLine(
                        brackets(a, b) + " = " + Linear.latex("x", c, d),
                        bracketsPlain(a, b) + "=" + Linear.plain("x", c, d),
                        lines,
                        kind,
                        rule,
                        open.x(),
                        List.of(
                                "Multiply both terms in the brackets.",
                                open.latex(),
                                "Bring the terms with $x$ to the left.",
                                Linear.latex("x", a - c, a * b) + " = " + d,
                                "Bring the numbers to the right.",
                                Linear.latex("x", a - c, 0) + " = " + (d - a * b),
                                "Divide by the number before $x$.",
                                "x = " + Linear.fractionLatex(open.x())))
                .item(ref, frame, draw);
    }
}
