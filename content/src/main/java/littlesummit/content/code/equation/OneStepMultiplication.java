package littlesummit.content.code.equation;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** a·x = b and (p/q)·x = b: which property helps, then the solution. */
public final class OneStepMultiplication extends SkillDefinition {
    public OneStepMultiplication() {
        super("one-step-multiplication", "Undoing a multiplication", List.of("bare", "blankets"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        Rational a =
                switch (ref.tier()) {
                    case 1 -> Rational.of(draw.between(2, 12));
                    case 2 ->
                        ref.variant().equals("bare")
                                ? Rational.of(-draw.between(2, 12))
                                : Rational.of(draw.between(4, 15));
                    default -> fraction(draw, ref.variant().equals("bare"));
                };
        Rational x = ref.tier() == 2
                ? Rational.of(draw.between(
                                3,
                                29,
                                n -> !Rational.of(n, a.abs().intValueExact()).isInteger() && n % 2 == 1))
                        .over(a)
                : ref.tier() == 1 && ref.variant().equals("blankets")
                        ? Rational.of(draw.between(2, 30, n -> n != a.num().intValue()))
                        : Rational.of(
                                draw.between(2, 12, n -> n != a.abs().num().intValue())
                                        * (long) a.num().abs().intValueExact());
        if (ref.tier() == 3 && ref.variant().equals("blankets")) {
            x = Rational.of(a.den().multiply(java.math.BigInteger.valueOf(draw.between(2, 9))));
        }
        Rational b = a.times(x);
        String left = coefficient(a) + "x";
        String stem = ref.variant().equals("bare")
                ? "Solve the equation for $x$."
                : ref.tier() == 3
                        ? "Of $x$ wool blankets, a share of $" + Linear.fractionLatex(a) + "$ is in use: " + b
                                + " blankets. Solve for $x$."
                        : "Together " + a + " equal sacks weigh $" + Linear.fractionLatex(b)
                                + "$ kilograms, each one $x$ kilograms. Solve for $x$.";
        return Items.of(ref)
                .text(stem)
                .formula(left + " = " + Linear.fractionLatex(b))
                .part(property(a, draw))
                .part(solution(a, b, x))
                .step(
                        a.isInteger()
                                ? "Divide both sides by $" + a + "$."
                                : "Divide both sides by $" + Linear.fractionLatex(a) + "$: multiply by its reciprocal.",
                        a.isInteger()
                                ? "x = \\frac{" + Linear.fractionLatex(b) + "}{" + a + "}"
                                : "x = " + Linear.fractionLatex(b) + "\\cdot \\frac{"
                                        + Linear.fractionLatex(a.reciprocal().times(Rational.of(a.num()))) + "}{"
                                        + a.num() + "}")
                .step("Work it out.", "x = " + Linear.fractionLatex(x))
                .given(plainCoefficient(a) + "*x=" + Linear.fraction(b))
                .build();
    }

    private static Rational fraction(Draw draw, boolean signed) {
        int q = draw.between(3, 9);
        int p = draw.between(2, q - 1, n -> Rational.of(n, q).den().intValue() == q);
        Rational size = Rational.of(p, q);
        return signed && draw.coin() ? size.negate() : size;
    }

    private static String coefficient(Rational a) {
        return a.isInteger() ? a.toString() : Linear.fractionLatex(a);
    }

    private static String plainCoefficient(Rational a) {
        return a.isInteger() ? a.toString() : "(" + Linear.fraction(a) + ")";
    }

    private static Part property(Rational a, Draw draw) {
        String c = "$" + Linear.fractionLatex(a) + "$";
        Field field = Choices.right("divide both sides by " + c)
                .wrong(
                        "subtract " + c + " from both sides",
                        "subtracted",
                        "The number stands before $x$ as a factor. What undoes a multiplication?")
                .wrong(
                        "multiply both sides by " + c,
                        "multiplied",
                        "That multiplies once more. What undoes a multiplication?")
                .wrong(
                        "add " + c + " to both sides",
                        "added",
                        "Nothing is added to $x$ here. What undoes a multiplication?")
                .shuffled("property", "What to do", draw);
        return Part.of(
                "What do you do to get $x$ alone?",
                field,
                "What is done with $x$ on the left?",
                "The same may be done on both sides; a division undoes a multiplication.",
                "Here $x$ is multiplied by " + c + ".");
    }

    private static Part solution(Rational a, Rational b, Rational x) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION_LOWEST, Linear.fraction(x));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Linear.fraction(b.minus(a)),
                        "subtracted",
                        "It looks as if the number was subtracted. It is a factor: divide.")
                .add(
                        Linear.fraction(b.times(a)),
                        "multiplied",
                        "It looks as if both sides were multiplied. Divide instead.")
                .add(Linear.fraction(a.over(b)), "reciprocal", "It looks as if the division went the other way round.")
                .add(Linear.fraction(x.negate()), "sign", "Look at the sign when you divide.");
        Field field = Field.typed("x", "x =", "a whole number or a fraction in lowest terms", answer, mistakes.list());
        return Part.of(
                "Now solve it.",
                field,
                "Put your answer in for $x$. Does the equation hold?",
                "Divide the right side by the number before $x$.",
                a.isInteger()
                        ? "Divide $" + Linear.fractionLatex(b) + "$ by $" + a + "$."
                        : "To divide by $" + Linear.fractionLatex(a) + "$, multiply by $"
                                + Linear.fractionLatex(a.reciprocal()) + "$.");
    }
}
