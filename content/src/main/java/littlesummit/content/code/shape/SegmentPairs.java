package littlesummit.content.code.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Tex;

/** Segments that are compared: by their lengths, by marks, and across units. */
final class SegmentPairs {
    private static final List<String> ANSWERS =
            List.of("they are congruent", "they are not congruent", "that cannot be told");

    private SegmentPairs() {}

    /** The second length is given, or only bounded: then nothing can be told, or all the same. */
    static Item lengths(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(12, 60);
        int b = a + draw.oneOf(-3, -2, 2, 3);
        int right = draw.between(0, 2);
        boolean bounded = right == 1 && draw.coin();
        String first = "$AB$ is " + a + " metres long, ";
        String says =
                switch (right) {
                    case 0 -> first + "$CD$ is " + a + " metres long, too.";
                    case 1 ->
                        bounded
                                ? first + "$CD$ is longer than " + (a + 1) + " metres."
                                : first + "$CD$ is " + b + " metres long.";
                    default -> first + "$CD$ is longer than " + (a - draw.between(2, 9)) + " metres.";
                };
        Choices choices = Choices.right(ANSWERS.get(right));
        choices.wrong(
                ANSWERS.get(0), "same-kind", "Congruent segments have the same length. Is it certain that these have?");
        choices.wrong(
                ANSWERS.get(1), "unknown-as-no", "Is it certain that their lengths differ? Say each length aloud.");
        choices.wrong(
                ANSWERS.get(2), "not-compared", "What is said is enough. Which lengths are possible for each of them?");
        return Items.of(ref)
                .text(frame.formatted(says))
                .part(Part.of(
                        "What is certain about the segments $AB$ and $CD$?",
                        choices.ordered("answer", "What is certain", Comparator.comparingInt(ANSWERS::indexOf)),
                        "What is said about each of the two lengths?",
                        "Two segments are congruent when they have the same length, wherever they lie.",
                        "$AB$ is " + a + " metres long. Can $CD$ be that long, too? Must it be?"))
                .step("The length of $AB$ is known: " + a + " metres.", "")
                .step(
                        switch (right) {
                            case 0 -> "$CD$ has the same length, so the two are congruent.";
                            case 1 ->
                                bounded
                                        ? "$CD$ is longer than " + (a + 1) + " metres, and so longer than $AB$."
                                        : "$CD$ has another length: " + b + " metres. So they are not congruent.";
                            default ->
                                "$CD$ may be " + a + " metres long, and it may be longer or shorter. So it cannot be"
                                        + " told.";
                        },
                        "")
                .build();
    }

    /** The one that looks equally long carries another number of marks. */
    static Item marks(ItemRef ref, String frame, Draw draw) {
        List<Integer> ticks = draw.shuffled(List.of(1, 2, 3, 4)).subList(0, 3);
        int mine = ticks.get(draw.between(0, 2));
        List<String> names = List.of("CD", "EF", "GH");
        List<Figure.Straight> all = new ArrayList<>();
        int length = draw.between(50, 66);
        all.add(straight("AB", length, mine));
        for (int i = 0; i < 3; i++) {
            int drawn = ticks.get(i) == mine ? length - draw.oneOf(-14, 14, 18) : length - draw.oneOf(0, 0, 10);
            all.add(straight(names.get(i), drawn, ticks.get(i)));
        }
        String right = names.get(ticks.indexOf(mine));
        Choices choices = Choices.right("$" + right + "$");
        for (String name : names) {
            choices.wrong(
                    "$" + name + "$",
                    "looks",
                    "In a drawing that is not to scale, only the tick marks count. Count those of this one.");
        }
        choices.wrong("none of them", "looks", "Count the tick marks of all four: two of the segments agree.");
        return Items.of(ref)
                .text(frame)
                .picture(new Figure.Straights(
                        all.stream().map(Figure.Straight::alt).collect(Collectors.joining("; ")) + ". Not to scale.",
                        all))
                .part(Part.of(
                        "Which segment is marked as congruent to $AB$?",
                        choices.ordered("answer", "Congruent to AB", Comparator.naturalOrder()),
                        "How long they are drawn says nothing here. What does?",
                        "The same number of tick marks stands for the same length. More marks do not mean longer.",
                        "Count the tick marks of $AB$ first."))
                .step("$AB$ has " + ticksText(mine) + ".", "")
                .step("Of the others, only $" + right + "$ has " + ticksText(mine) + ", too.", "")
                .build();
    }

    private static Figure.Straight straight(String name, int length, int ticks) {
        return new Figure.Straight(
                "Segment " + name + " with " + ticksText(ticks),
                List.of(
                        new Figure.Named(name.substring(0, 1), 12, 50),
                        new Figure.Named(name.substring(1), 12 + length, 50)),
                false,
                false,
                ticks);
    }

    private static String ticksText(int n) {
        return n == 1 ? "one tick mark" : n + " tick marks";
    }

    static Item units(ItemRef ref, String frame, Draw draw) {
        int cm = draw.between(41, 239, n -> n % 10 != 0);
        String metres = Tex.plain(Rational.of(cm, 100));
        boolean inMetres = draw.coin();
        String right = inMetres ? metres + " metres" : cm * 10 + " millimetres";
        Choices choices = Choices.right(right);
        choices.wrong(
                Tex.plain(Rational.of(cm, 10)) + " metres",
                "wrong-factor",
                "One metre is 100 centimetres. How many centimetres would this be?");
        choices.wrong(
                cm * 100 + " millimetres",
                "wrong-factor",
                "One centimetre is 10 millimetres. How many centimetres would this be?");
        choices.wrong(
                inMetres ? cm + " millimetres" : cm + " metres",
                "unit-ignored",
                "The number agrees, the unit does not. Is that the same length?");
        return Items.of(ref)
                .text(frame.formatted(cm))
                .part(Part.of(
                        "How long is a segment that is congruent to it?",
                        choices.shuffled("answer", "Congruent to AB", draw),
                        "The same length can be said in several units.",
                        "1 metre is 100 centimetres, and 1 centimetre is 10 millimetres.",
                        "Put each of the lengths into centimetres and compare it with " + cm + "."))
                .step(
                        inMetres
                                ? "In metres it is a hundredth of the number."
                                : "In millimetres it is ten times the" + " number.",
                        inMetres ? "\\frac{" + cm + "}{100} = " + metres : cm + "\\cdot 10 = " + cm * 10)
                .step("So " + right + " is the same length.", "")
                .build();
    }
}
