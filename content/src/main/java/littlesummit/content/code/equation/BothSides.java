package littlesummit.content.code.equation;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** ax + b = cx + d; on the third level with brackets. */
public final class BothSides extends SkillDefinition {
    public BothSides() {
        super("both-sides", "Letters on both sides", List.of("bare", "turned"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int c = draw.between(1, 6) * (ref.tier() == 1 || draw.coin() ? 1 : -1);
        int a = draw.between(2, 9, n -> n != c && n + c != 0 && (ref.tier() != 2 || Math.abs(n - c) > 1));
        int x = draw.between(ref.tier() == 1 ? 1 : -9, 9, n -> n != 0);
        int b = draw.between(ref.tier() == 1 ? 1 : -12, 15, n -> n != 0);
        int d = ref.tier() == 2
                ? draw.between(-15, 20, n -> n != b && n != 0 && (n - b) % (a - c) != 0 && n + b != 0)
                : (a - c) * x + (ref.tier() == 3 ? a * b : b);
        return ref.tier() == 3 ? brackets(ref, a, b, c, d) : plain(ref, a, b, c, d);
    }

    private Item plain(ItemRef ref, int a, int b, int c, int d) {
        boolean turned = ref.variant().equals("turned");
        String left = Linear.latex("x", a, b);
        String right = Linear.latex("x", c, d);
        Rational x = Rational.of(d - b, a - c);
        Items item = Items.of(ref)
                .text("Solve the equation for $x$.")
                .formula(turned ? right + " = " + left : left + " = " + right)
                .part(part(a, b, c, d, x, List.of(), first(c)));
        steps(item, a, b, c, d, x, turned);
        item.given(Linear.plain("x", a, b) + "=" + Linear.plain("x", c, d));
        boolean balance = ref.tier() == 1 && b > 0 && d > 0 && c > 0;
        return balance
                ? item.second(
                                "On a balance",
                                new Block.Text(
                                        "Each box weighs $x$. Take away the same from both pans until a box stands"
                                                + " alone."),
                                new Block.Picture(new Figure.Balance(
                                        "A level balance: left " + (turned ? c : a) + " boxes and " + (turned ? d : b)
                                                + ", right " + (turned ? a : c) + " boxes and " + (turned ? b : d)
                                                + ".",
                                        turned ? pan(c, d) : pan(a, b),
                                        turned ? pan(a, b) : pan(c, d),
                                        true)))
                        .build()
                : item.build();
    }

    private Item brackets(ItemRef ref, int a, int b, int c, int d) {
        boolean turned = ref.variant().equals("turned");
        String left = a + "\\left(" + Linear.latex("x", 1, b) + "\\right)";
        String right = Linear.latex("x", c, d);
        Rational x = Rational.of(d - a * b, a - c);
        Rational half = Rational.of(d - b, a - c);
        Items item = Items.of(ref)
                .text("Solve the equation for $x$.")
                .formula(turned ? right + " = " + left : left + " = " + right)
                .part(part(
                        a,
                        a * b,
                        c,
                        d,
                        x,
                        List.of(half),
                        "Multiply both terms in the brackets by " + a + " before anything else."))
                .step(
                        "Multiply every term in the brackets by " + a + ".",
                        turned
                                ? right + " = " + Linear.latex("x", a, a * b)
                                : Linear.latex("x", a, a * b) + " = " + right);
        steps(item, a, a * b, c, d, x, turned);
        return item.given(a + "(" + Linear.plain("x", 1, b) + ")=" + Linear.plain("x", c, d))
                .build();
    }

    /** @param turned whether the terms with {@code a} and {@code b} stand on the right, and so stay there */
    private static void steps(Items item, int a, int b, int c, int d, Rational x, boolean turned) {
        item.step(
                c > 0
                        ? "Subtract $" + Linear.latex("x", c, 0) + "$ on both sides."
                        : "Add $" + Linear.latex("x", -c, 0) + "$ on both sides.",
                sides(Linear.latex("x", a - c, b), String.valueOf(d), turned));
        item.step(
                b > 0 ? "Subtract " + b + " on both sides." : "Add " + -b + " on both sides.",
                sides(Linear.latex("x", a - c, 0), String.valueOf(d - b), turned));
        item.step(
                a - c == 1
                        ? "The letter is alone."
                        : "Divide both sides by $" + (a - c) + "$" + (turned ? ", and read it from the right." : "."),
                "x = " + Linear.fractionLatex(x));
    }

    private static List<String> pan(int boxes, int weight) {
        return List.of(boxes + (boxes == 1 ? " box of x" : " boxes of x"), String.valueOf(weight));
    }

    private static String sides(String withLetter, String number, boolean turned) {
        return turned ? number + " = " + withLetter : withLetter + " = " + number;
    }

    private static Part part(int a, int b, int c, int d, Rational x, List<Rational> halfDistributed, String start) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION_LOWEST, Linear.fraction(x));
        Mistakes mistakes = Mistakes.of(answer);
        halfDistributed.forEach(v -> mistakes.add(
                Linear.fraction(v),
                "half-distributed",
                "It looks as if only one term in the brackets was multiplied. Every term is."));
        mistakes.addIf(
                        a + c != 0,
                        a + c == 0 ? "0" : Linear.fraction(Rational.of(d - b, a + c)),
                        "letter-sign",
                        "A term with $x$ changed sides. What happens to its sign?")
                .add(
                        Linear.fraction(Rational.of(d + b, a - c)),
                        "number-sign",
                        "A number changed sides. What happens to its sign?")
                .addIf(
                        a + c != 0,
                        a + c == 0 ? "0" : Linear.fraction(Rational.of(b - d, a + c)),
                        "letter-sign",
                        "A term with $x$ changed sides. What happens to its sign?")
                .add(
                        Linear.fraction(Rational.of(-b - d, a - c)),
                        "number-sign",
                        "A number changed sides. What happens to its sign?")
                .add(Linear.fraction(x.negate()), "sign", "Look at the signs in your last step.");
        Field field = Field.typed("x", "x =", "a whole number or a fraction in lowest terms", answer, mistakes.list());
        return Part.of(
                "What is $x$?",
                field,
                halfDistributed.isEmpty()
                        ? "Get all terms with $x$ on one side and all numbers on the other."
                        : "First the brackets, then all terms with $x$ on one side and all numbers on the other.",
                (halfDistributed.isEmpty() ? "" : "The number before the brackets multiplies every term in them. ")
                        + "Whatever you do on one side, do on the other. A term that changes sides changes its sign.",
                start);
    }

    private static String first(int c) {
        return c > 0
                ? "Start by subtracting $" + Linear.latex("x", c, 0) + "$ on both sides."
                : "Start by adding $" + Linear.latex("x", -c, 0) + "$ on both sides.";
    }
}
