package littlesummit.content.code.equation;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/**
 * Letters where numbers stood: ax = y, x/a = y, ax/3 = y.
 *
 * @param top what multiplies x: a letter or empty
 * @param bottom what x is divided by: a letter, a number or empty
 * @param right a letter or a number
 */
record LetterEquation(String top, String bottom, String right) {
    static Item make(ItemRef ref, String frame, Draw draw) {
        String number = String.valueOf(draw.between(2, 20));
        String divisor = String.valueOf(draw.between(2, 12));
        LetterEquation equation =
                switch (draw.between(1, 5)) {
                    case 1 -> new LetterEquation("a", "", number);
                    case 2 -> new LetterEquation("a", "", "y");
                    case 3 -> new LetterEquation("", "a", number);
                    case 4 -> new LetterEquation("", "a", "y");
                    default -> new LetterEquation("a", divisor, draw.coin() ? "y" : number);
                };
        return equation.item(ref, frame);
    }

    private String left() {
        String x = top + "x";
        return bottom.isEmpty() ? x : "\\frac{" + x + "}{" + bottom + "}";
    }

    /** The right side times the bottom: as one would write it, a number first. */
    private String times() {
        boolean numberFirst = Character.isDigit(bottom.charAt(0)) || !Character.isDigit(right.charAt(0));
        boolean twoNumbers = Character.isDigit(bottom.charAt(0)) && Character.isDigit(right.charAt(0));
        if (twoNumbers) {
            return String.valueOf(Integer.parseInt(bottom) * Integer.parseInt(right));
        }
        return numberFirst ? bottom + right : right + bottom;
    }

    private String solution() {
        String above = bottom.isEmpty() ? right : times();
        return top.isEmpty() ? above : "\\frac{" + above + "}{" + top + "}";
    }

    private static String entry(String latex) {
        return latex.replaceAll("\\\\frac\\{([^}]*)\\}\\{([^}]*)\\}", "($1)/($2)")
                .replaceAll("(\\d)([a-z])", "$1*$2")
                .replaceAll("([a-z])([a-z])", "$1*$2");
    }

    private Item item(ItemRef ref, String frame) {
        Items item = Items.of(ref).text(frame).formula(left() + " = " + right).part(part());
        if (!bottom.isEmpty()) {
            item.step("Multiply both sides by $" + bottom + "$.", top + "x = " + times());
        }
        if (!top.isEmpty()) {
            item.step("$x$ is multiplied by $a$, so divide both sides by $a$.", "x = " + solution());
        } else {
            item.step("$x$ is alone: that is the solution, whatever the letters stand for.", "x = " + solution());
        }
        if (bottom.isEmpty()) {
            item.step("Put it in: $a$ and $\\frac{1}{a}$ cancel, so both sides agree.", "");
        }
        return item.given(entry(left()) + "=" + right).build();
    }

    private Part part() {
        AnswerSpec answer = AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, entry(solution()))
                .withLetters("a", "y");
        String a = top.isEmpty() ? bottom : top;
        Mistakes mistakes = Mistakes.of(answer)
                .add(right + "-" + a, "subtracted", "Is anything added to $x$? Look at how the letters are joined.")
                .add(
                        top.isEmpty() ? "(" + right + ")/(" + a + ")" : "(" + right + ")*(" + a + ")",
                        "once-more",
                        "It looks as if you did once more what is done to $x$ already. What undoes it?")
                .add(
                        "(" + a + ")/(" + right + ")",
                        "upside-down",
                        "It looks as if the division went the other way" + " round.")
                .addIf(
                        !top.isEmpty() && !bottom.isEmpty(),
                        "(" + right + ")/(" + top + ")",
                        "bottom-left",
                        "Only one of the two that are done to $x$ is undone.");
        return Part.of(
                "What is $x$?",
                Field.typed("x", "x =", "an expression without $x$", answer, mistakes.list()),
                "Treat the other letters as if they were numbers.",
                "Multiplying and dividing undo one another, for letters as for numbers.",
                "What is done to $x$ on the left, and in which order?");
    }
}
