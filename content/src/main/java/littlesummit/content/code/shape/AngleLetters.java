package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** Two angles at a crossing, both with the same letter in them: the relation gives an equation. */
final class AngleLetters {
    private AngleLetters() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        boolean opposite = draw.coin();
        int x = draw.between(8, 24);
        int m = draw.between(2, 4);
        int k = draw.between(1, 5, n -> n != m);
        int p = size(draw, m * x);
        int together = opposite ? m * x + p : 180 - m * x - p;
        int q = together - k * x;
        int size = m * x + p;
        boolean isSquare = Math.abs(size - 90) < 6;
        if (q == 0 || Math.abs(q) > 90 || size > 150 || isSquare) {
            return make(ref, frame, draw);
        }
        String first = term(m) + signed(p);
        String second = term(k) + signed(q);
        String told = "Angle A measures $" + first + "$ degrees and angle B, " + (opposite ? "opposite" : "beside")
                + " it, $" + second + "$ degrees.";
        Figure.Angles figure = new Figure.Angles(
                "Two straight lines cross. Angle B lies " + (opposite ? "opposite" : "beside") + " angle A.",
                List.of(new Figure.Ray(10, "", true), new Figure.Ray(10 + size, "", true)),
                List.of(
                        new Figure.Arc(10, 10 + size, "A", false),
                        opposite
                                ? new Figure.Arc(190, 190 + size, "B", false)
                                : new Figure.Arc(10 + size, 190, "B", false)));
        Items item = Items.of(ref).text(frame.formatted(told)).picture(figure).part(letter(opposite, m, p, k, q, x));
        item.part(angle(opposite, first, size, x));
        if (opposite) {
            item.step("Opposite angles are equal.", first + " = " + second);
        } else {
            item.step("Beside each other they make 180 degrees.", first + " + " + second + " = 180");
        }
        solve(item, opposite ? new Sides(m, p, k, q) : new Sides(m + k, p + q, 0, 180), opposite, x);
        return item.step("Put it into angle A.", m + "\\cdot " + x + signed(p) + " = " + size)
                .given(opposite ? first + "=" + second : first + "+" + second + "=180")
                .build();
    }

    /** ax + b = cx + d. */
    private record Sides(int a, int b, int c, int d) {
        Sides withMoreOnTheLeft() {
            return a > c ? this : new Sides(c, d, a, b);
        }
    }

    private static void solve(Items item, Sides given, boolean opposite, int x) {
        Sides s = given.withMoreOnTheLeft();
        int left = s.a() - s.c();
        if (opposite) {
            item.step(
                    "Take " + "$" + term(s.c()) + "$ away on both sides.",
                    given.equals(s)
                            ? term(left) + signed(s.b()) + " = " + s.d()
                            : s.d() + " = " + term(left) + signed(s.b()));
        } else if (s.b() != 0) {
            item.step("Put like terms together.", term(left) + signed(s.b()) + " = 180");
        } else {
            item.step("Put like terms together.", term(left) + " = 180");
        }
        if (s.b() != 0) {
            item.step(
                    (s.b() > 0 ? "Take " + s.b() + " away" : "Add " + -s.b()) + " on both sides.",
                    term(left) + " = " + (s.d() - s.b()));
        }
        if (left != 1) {
            item.step("Divide by " + left + ".", "x = " + x);
        }
    }

    private static int size(Draw draw, int letters) {
        return draw.between(Math.max(-40, 26 - letters), Math.min(60, 150 - letters), n -> n != 0);
    }

    private static Part letter(boolean opposite, int m, int p, int k, int q, int x) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(x));
        Mistakes mistakes = Mistakes.of(answer);
        int other = opposite ? 180 - p - q : q - p;
        int by = opposite ? m + k : m - k;
        if (by != 0 && other % by == 0 && other / by > 0) {
            mistakes.add(
                    String.valueOf(other / by),
                    opposite ? "vertical-for-adjacent" : "adjacent-for-vertical",
                    opposite
                            ? "The two lie opposite each other. What does that say of them?"
                            : "The two lie beside each other. What do they make together?");
        }
        return Part.of(
                "What is $x$?",
                Field.typed("x", "x =", "a whole number", answer, mistakes.list()),
                "Do the two angles lie opposite each other, or beside?",
                "Opposite angles are equal; two beside each other make 180 degrees. Write that as an equation.",
                opposite ? "Put an equals sign between the two." : "Add the two, and make that equal to 180.");
    }

    private static Part angle(boolean opposite, String first, int size, int x) {
        AnswerSpec answer = AngleField.spec(size);
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(x), "letter-for-angle", "That is the letter. Put it into angle A.")
                .add(
                        String.valueOf(180 - size),
                        "other-angle",
                        opposite ? "Opposite angles are equal. Put the number into angle A." : "That is angle B.");
        return Part.of(
                "How large is angle A?",
                AngleField.of("A", mistakes, answer),
                "Angle A measures $" + first + "$ degrees.",
                "Put your number in the place of the letter.",
                "Multiply first, then do the rest.");
    }

    private static String term(int n) {
        return n == 1 ? "x" : n + "x";
    }

    private static String signed(int n) {
        return n < 0 ? " - " + -n : " + " + n;
    }
}
