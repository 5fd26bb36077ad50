package littlesummit.content.code.equation;

import littlesummit.content.code.equation.CountItem.Count;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/**
 * The other way round: a number chosen so that an equation has no solution, or infinitely many.
 *
 * @param place how the number is written: a box or k
 */
record CountFilled(String place) {
    static Item box(ItemRef ref, String frame, Draw draw) {
        return draw.coin()
                ? new CountFilled("\\square").constant(ref, frame, draw)
                : new CountFilled("\\square ").coefficient(ref, frame, draw);
    }

    static Item letter(ItemRef ref, String frame, Draw draw) {
        return draw.coin()
                ? new CountFilled("k").coefficientInBrackets(ref, frame, draw)
                : new CountFilled("k").inBrackets(ref, frame, draw);
    }

    /** m(x + n) = mx + □ */
    private Item constant(ItemRef ref, String frame, Draw draw) {
        int m = draw.between(2, 9);
        int n = draw.between(2, 9);
        boolean isLess = draw.coin();
        String left = m + "\\left(x " + (isLess ? "-" : "+") + " " + n + "\\right)";
        Items item = Items.of(ref).text(frame).formula(left + " = " + m + "x " + (isLess ? "-" : "+") + " " + place);
        return asked(item, Count.ALL, m * n, n, m, "Multiply out. What must the constants on both sides do?")
                .step("Multiply out the left side: $" + m + "x " + (isLess ? "-" : "+") + " " + m * n + "$.", "")
                .step("Both sides have $" + m + "x$. They are the same when the box holds " + m * n + ".", "")
                .given(left)
                .build();
    }

    /** ax + b = □x + d */
    private Item coefficient(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(2, 12);
        int b = draw.between(2, 12, n -> n != a);
        int more = draw.between(2, 6);
        int d = draw.between(-12, 15, n -> n != 0 && n != b && n != a && n != a + more);
        String left = Linear.latex("x", a, b) + " + " + Linear.latex("x", more, 0);
        Items item = Items.of(ref).text(frame).formula(left + " = " + place + "x" + (d < 0 ? " - " + -d : " + " + d));
        return asked(item, Count.NONE, a + more, a, d, "Put like terms together. What must the coefficients of $x$ do?")
                .step("Put like terms together on the left: $" + Linear.latex("x", a + more, b) + "$.", "")
                .step(
                        "The constants differ. With the same coefficient of $x$ on both sides, " + (a + more)
                                + ", no $x$ is left and nothing fits.",
                        "")
                .given(left)
                .build();
    }

    /** kx + b = m(x + n) */
    private Item coefficientInBrackets(ItemRef ref, String frame, Draw draw) {
        int inner = draw.between(2, 5);
        int m = draw.between(2, 6);
        int n = draw.between(-7, 7, i -> i != 0);
        int b = draw.between(-15, 15, i -> i != 0 && i != m * n && i != m * inner);
        String right = m + "\\left(" + Linear.latex("x", inner, n) + "\\right)";
        Items item = Items.of(ref).text(frame).formula(place + "x" + (b < 0 ? " - " + -b : " + " + b) + " = " + right);
        return asked(item, Count.NONE, m * inner, m, inner, "Multiply out. What must the coefficients of $x$ do?")
                .step("Multiply out the right side: $" + Linear.latex("x", m * inner, m * n) + "$.", "")
                .step(
                        "The constants differ. With $k = " + m * inner + "$ the terms with $x$ cancel, and no $x$ can"
                                + " make it true.",
                        "")
                .given(right)
                .build();
    }

    /** a(bx + k) = abx + d */
    private Item inBrackets(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(2, 9);
        int b = draw.between(2, 5);
        int k = draw.between(2, 12, n -> n != a);
        String left = a + "\\left(" + b + "x + " + place + "\\right)";
        Items item = Items.of(ref).text(frame).formula(left + " = " + Linear.latex("x", (long) a * b, (long) a * k));
        return asked(item, Count.ALL, k, a * k, a, "Multiply out. What must the constants on both sides do?")
                .step("Multiply out: $" + a + "$ multiplies $k$, too.", "")
                .step(
                        "Both sides are the same when $" + a + "$ times $k$ is " + a * k + ", so divide.",
                        "\\frac{" + a * k + "}{" + a + "} = " + k)
                .given(a * k + "/" + a)
                .build();
    }

    private Items asked(Items item, Count count, int key, int near, int other, String start) {
        boolean isBox = place.startsWith("\\");
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(near),
                        "not-worked-out",
                        "Work out both sides first: what does a factor do to every term, and which terms belong"
                                + " together?")
                .add(String.valueOf(other), "copied", "Put it in and compare both sides: what is left?")
                .add("0", "zero", "Put 0 in and compare both sides: what is left?");
        return item.part(Part.of(
                "For which number does the equation have " + count.words + "?",
                Field.typed("number", isBox ? "In the box" : "k =", "a whole number", answer, mistakes.list()),
                count == Count.ALL ? "When does every $x$ fit?" : "When does no $x$ fit, whatever it is?",
                count == Count.ALL
                        ? "Every $x$ fits when both sides are the same, term by term."
                        : "No $x$ fits when the terms with $x$ cancel and different numbers are left.",
                start));
    }
}
