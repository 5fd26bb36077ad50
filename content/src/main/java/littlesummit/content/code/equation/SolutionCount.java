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
import littlesummit.core.skill.SkillDefinition;

/** Whether an equation has no, one or infinitely many solutions, and why. */
public final class SolutionCount extends SkillDefinition {
    public SolutionCount() {
        super("solution-count", "How many solutions", List.of("plain", "brackets"));
    }

    @Override
    public int version() {
        return 3;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int kind = draw.between(0, 2);
        int k = ref.tier() == 1 ? 1 : draw.between(2, 6);
        int m = draw.between(-8, 9, n -> n != 0);
        int inner = draw.between(2, 5);
        int a = k * inner;
        int b = k * m;
        int c = kind == 0 ? draw.between(-9, 12, n -> n != a && n != 0) : a;
        int d = kind == 2 ? b : draw.between(-20, 20, n -> n != b && n != 0 && n != m);
        boolean brackets = ref.variant().equals("brackets") && k > 1;
        boolean split = ref.tier() == 3;
        int part = draw.between(1, 9, n -> n != c);
        String left = brackets ? k + "\\left(" + Linear.latex("x", inner, m) + "\\right)" : Linear.latex("x", a, b);
        String right = split ? Linear.latex("x", part, 0) + joined(c - part) + signed(d) : Linear.latex("x", c, d);
        Items item = Items.of(ref)
                .text("How many solutions does this equation have?")
                .formula(left + " = " + right)
                .part(part(
                        kind,
                        a,
                        b,
                        c,
                        d,
                        brackets
                                ? "On the left the coefficient of $x$ is " + a + " once the brackets are gone."
                                : split
                                        ? "Put the two terms with $x$ on the right together first."
                                        : "On the left the coefficient of $x$ is " + a + ". And on the right?",
                        draw));
        if (brackets || split) {
            item.step(
                    brackets
                            ? "Multiply out" + (split ? " and put like terms together." : ".")
                            : "Put like terms together.",
                    Linear.latex("x", a, b) + " = " + Linear.latex("x", c, d));
        }
        item.step("Bring the terms with $x$ to one side.", Linear.latex("x", a - c, b) + " = " + d);
        item.step(
                switch (kind) {
                    case 0 -> "A letter is left, so there is exactly one solution.";
                    case 1 -> "No letter is left, and the numbers differ: no $x$ can make this true.";
                    default -> "No letter is left, and both sides are equal: every $x$ makes this true.";
                },
                "");
        return item.given(plainLeft(brackets, k, inner, m, a, b) + "="
                        + (split
                                ? Linear.plain("x", part, 0) + " + (" + Linear.plain("x", c - part, d) + ")"
                                : Linear.plain("x", c, d)))
                .build();
    }

    private static String plainLeft(boolean brackets, int k, int inner, int m, int a, int b) {
        return brackets ? k + "(" + Linear.plain("x", inner, m) + ")" : Linear.plain("x", a, b);
    }

    private static String joined(int coefficient) {
        String size = Linear.latex("x", Math.abs(coefficient), 0);
        return coefficient == 0 ? "" : (coefficient < 0 ? " - " : " + ") + size;
    }

    private static String signed(int n) {
        return n < 0 ? " - " + -n : " + " + n;
    }

    private static Part part(int kind, int a, int b, int c, int d, String start, Draw draw) {
        String one = "one, because the coefficients of $x$ differ";
        String none = "none, because the coefficients of $x$ agree and the constants differ";
        String all = "infinitely many, because both sides are the same";
        List<String> texts = List.of(one, none, all);
        String message = a == c
                ? "Compare the coefficients of $x$ on both sides first. What happens when they are the same?"
                : "It looks as if only the constants were compared. Compare the coefficients of $x$ first.";
        Choices choices = Choices.right(texts.get(kind));
        texts.forEach(text -> choices.wrong(text, "constants-only", message));
        choices.wrong(
                b == d ? "one, because the constants agree" : "none, because the constants differ",
                "constants-only",
                "The constants alone do not decide. Compare the coefficients of $x$ first.");
        Field field = choices.shuffled("count", "Number of solutions", draw);
        return Part.of(
                "Choose the answer with its reason.",
                field,
                "What is the coefficient of $x$ on each side, the number before it? And which numbers stand without"
                        + " $x$?",
                "Different coefficients of $x$: one solution. The same coefficient: none if the constants differ,"
                        + " infinitely many if they agree.",
                start);
    }
}
