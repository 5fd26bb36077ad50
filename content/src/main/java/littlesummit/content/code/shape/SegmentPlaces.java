package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.content.code.Words;
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

/** Points that are looked for so that segments become congruent, and lengths that follow. */
final class SegmentPlaces {
    private static final String WANTED = "a whole number";
    private static final List<String> ROW = List.of("$A$", "$B$", "$C$", "$D$", "$E$", "$F$");

    private SegmentPlaces() {}

    static Item place(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(-6, 3);
        int length = draw.between(3, 8);
        int b = a + length;
        int c = b + draw.between(1, 4);
        int key = c + length;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(key + 1),
                        "marks-counted",
                        "It looks as if the marks were counted. Count the spaces between them.")
                .add(String.valueOf(key - 1), "marks-counted", "Count the spaces from A to B once more, and go as far.")
                .add(
                        String.valueOf(c + b),
                        "end-as-length",
                        "B is where the first segment ends. How long is it from A to B?")
                .add(
                        String.valueOf(c + (c - b)),
                        "other-segment",
                        "That is as far as from B to C. It is to be as far as from A to B.");
        return Items.of(ref)
                .text(frame)
                .picture(new Figure.NumberLine(
                        "A number line with A at " + a + ", B at " + b + " and C at " + c + ".",
                        a - 1,
                        a + 21,
                        1,
                        List.of(
                                new Figure.Mark(a, "A", false),
                                new Figure.Mark(b, "B", false),
                                new Figure.Mark(c, "C", false))))
                .part(Part.of(
                        "At which number must $D$ stand so that $CD$ is congruent to $AB$?",
                        Field.typed("answer", "D stands at", WANTED, answer, mistakes.list()),
                        "How many spaces are there from $A$ to $B$?",
                        "Congruent segments are equally long. Go as many spaces from $C$ to the right.",
                        "The length of $AB$ is $" + b + " - " + bracket(a) + "$."))
                .step("Begin at C and add the length of the first segment.", c + " + (" + b + " - " + bracket(a) + ")")
                .step("Work out the length.", c + " + " + length)
                .step("Add.", String.valueOf(key))
                .given(c + "+(" + b + "-" + bracket(a) + ")")
                .build();
    }

    static Item parts(ItemRef ref, String frame, Draw draw) {
        int points = draw.between(4, 6);
        int one = draw.between(4, 15);
        int spaces = points - 1;
        int asked = draw.between(2, spaces - 1);
        int from = draw.between(0, spaces - asked);
        int whole = one * spaces;
        int key = one * asked;
        String name = (ROW.get(from) + ROW.get(from + asked)).replace("$$", "");
        String all = (ROW.getFirst() + ROW.get(spaces)).replace("$$", "");
        AnswerSpec answer =
                AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key)).withSuffix("m");
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(one * (asked + 1)),
                        "points-counted",
                        "It looks as if the points were counted. Count the spaces between them.")
                .add(String.valueOf(one), "one-part", "That is the length between two neighbours.")
                .add(String.valueOf(whole), "whole", "That is the whole length.")
                .addIf(
                        whole % points == 0,
                        String.valueOf(whole / points * asked),
                        "divided-by-points",
                        "It looks as if it was divided by the number of points. Into how many spaces is it divided?");
        return Items.of(ref)
                .text(frame.formatted(Words.list(ROW.subList(0, points))))
                .text("From end to end, " + all + " is " + whole + " metres long.")
                .part(Part.of(
                        "How long is " + name + "?",
                        Field.typed("answer", "Length", "a whole number of metres", answer, mistakes.list()),
                        "Draw the points in a row. How many spaces are there between the first and the last?",
                        "All spaces are equally long: share the whole length out among them.",
                        "Between " + points + " points there is one space less than there are points."))
                .step(
                        "One space is the whole length over the number of spaces.",
                        "\\frac{" + whole + "}{" + spaces + "}\\cdot " + asked)
                .step("Work out one space.", one + "\\cdot " + asked)
                .step("Multiply.", String.valueOf(key))
                .given(whole + "/" + spaces + "*" + asked)
                .build();
    }

    static Item midpoint(ItemRef ref, String frame, Draw draw) {
        int half = draw.between(4, 11);
        boolean left = draw.coin();
        int a = draw.between(-12, 4, n -> (left ? n : n + 2 * half) != half);
        int start = left ? a + 2 * half : a;
        int middle = a + half;
        int key = left ? a : a + 2 * half;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        int sum = start + middle;
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        sum % 2 == 0,
                        String.valueOf(sum / 2),
                        "middle-of-middle",
                        "That lies in the middle between $A$ and $M$. $M$ itself is in the middle.")
                .add(
                        String.valueOf(2 * middle),
                        "doubled",
                        "That would be so if $A$ stood at 0. How far is it from $A$ to $M$?")
                .add(
                        String.valueOf(left ? a + 2 * half + half : a - half),
                        "wrong-side",
                        "From $A$ one has to pass $M$ to come to $B$.");
        String step = left ? " - " : " + ";
        return Items.of(ref)
                .text(frame)
                .picture(new Figure.NumberLine(
                        "A number line with A at " + start + " and M at " + middle + ".",
                        a - 2,
                        a + 24,
                        1,
                        List.of(new Figure.Mark(start, "A", false), new Figure.Mark(middle, "M", false))))
                .part(Part.of(
                        "At which number does $B$ stand?",
                        Field.typed("answer", "B stands at", WANTED, answer, mistakes.list()),
                        "How far is it from $A$ to $M$, and to which side?",
                        "From $M$ to $B$ it is as far as from $A$ to $M$, in the same direction.",
                        "From $A$ to $M$ there are $" + half + "$ spaces."))
                .step("Go on from M as far as it was from A to M.", middle + step + half)
                .step("Work it out.", String.valueOf(key))
                .given(middle + step + half)
                .build();
    }

    private static String bracket(int n) {
        return n < 0 ? "(" + n + ")" : String.valueOf(n);
    }
}
