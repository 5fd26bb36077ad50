package littlesummit.content.code.equation;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;

/** Something of the valley that comes in equal pieces, or of which a part is known. */
final class ScaledStory {
    /**
     * So many things that have so much together.
     *
     * @param sentence with places for the count and the sum
     * @param x what {@code x} is
     * @param counts least and greatest count
     * @param each least and greatest of one thing
     */
    private record Together(String sentence, String x, int[] counts, int[] each) {}

    private static final List<Together> TOGETHER = List.of(
            new Together(
                    "%s equal sacks of flour weigh %s kilograms together.",
                    "the mass of one sack in kilograms", new int[] {3, 12}, new int[] {8, 25}),
            new Together(
                    "%s equal boards, laid end to end, are %s decimetres long.",
                    "the length of one board in decimetres", new int[] {4, 12}, new int[] {15, 40}),
            new Together(
                    "%s equal cans of goat milk hold %s litres together.",
                    "the number of litres in one can", new int[] {3, 9}, new int[] {5, 20}),
            new Together(
                    "%s tickets for the cable way cost %s dollars.",
                    "the price of one ticket in dollars", new int[] {2, 9}, new int[] {6, 18}),
            new Together(
                    "%s nights in the hut cost %s dollars.",
                    "the price of one night in dollars", new int[] {2, 7}, new int[] {24, 60}));

    /**
     * Something shared out.
     *
     * @param sentence with places for the number of shares and for one share
     * @param x what {@code x} is
     * @param counts least and greatest number of shares
     * @param share least and greatest share
     */
    private record Shared(String sentence, String x, int[] counts, int[] share) {}

    private static final List<Shared> SHARED = List.of(
            new Shared(
                    "A rope is cut into %s equal pieces. Each piece is %s metres long.",
                    "the length of the whole rope in metres", new int[] {3, 9}, new int[] {4, 12}),
            new Shared(
                    "A kettle of soup fills %s bowls. There are %s decilitres in each.",
                    "the number of decilitres in the kettle", new int[] {6, 14}, new int[] {2, 5}),
            new Shared(
                    "The school's apples are shared among %s children. Each gets %s.",
                    "the number of apples at first", new int[] {8, 24}, new int[] {2, 6}),
            new Shared(
                    "A load of firewood is carried up in %s equal loads of %s kilograms.",
                    "the mass of all the firewood in kilograms", new int[] {4, 15}, new int[] {10, 25}));

    private record PartKnown(String sentence, String one, int[] whole) {}

    /** Of so many, a fraction is so many. */
    private static final List<PartKnown> PARTS = List.of(
            new PartKnown("%s of the blankets in the hut are in use: %s blankets.", "blankets", new int[] {24, 90}),
            new PartKnown("%s of the goats are on the upper pasture: %s goats.", "goats", new int[] {30, 120}),
            new PartKnown("%s of the seats in the cable way are taken: %s seats.", "seats", new int[] {20, 80}),
            new PartKnown("%s of the rescue post's ropes are dry: %s ropes.", "ropes", new int[] {12, 48}));

    private ScaledStory() {}

    private static int in(int[] range, Draw draw) {
        return draw.between(range[0], range[1]);
    }

    /** The equation is given with the story. */
    static Item given(ItemRef ref, String frame, Draw draw) {
        Together story = draw.oneOf(TOGETHER);
        int n = in(story.counts(), draw);
        int each = draw.between(story.each()[0], story.each()[1], k -> k != n);
        Scaled scaled = new Scaled(Rational.of(n), Rational.of(each));
        return scaled.solved(
                        Items.of(ref)
                                .text(story.sentence().formatted(n, scaled.right()) + " " + frame.formatted(story.x()))
                                .formula(scaled.latex())
                                .part(scaled.property(draw)),
                        "How much is one?",
                        "x =",
                        false)
                .build();
    }

    /** The equation has to be chosen. */
    static Item told(ItemRef ref, String frame, Draw draw) {
        if (draw.coin()) {
            Together story = draw.oneOf(TOGETHER);
            int n = in(story.counts(), draw);
            int each = draw.between(story.each()[0], story.each()[1], k -> k != n);
            return chosen(
                    ref,
                    story.sentence().formatted(n, n * each) + " " + frame.formatted(story.x()),
                    new Scaled(Rational.of(n), Rational.of(each)),
                    draw);
        }
        Shared story = draw.oneOf(SHARED);
        int n = in(story.counts(), draw);
        int share = draw.between(story.share()[0], story.share()[1], k -> k != n);
        return chosen(
                ref,
                story.sentence().formatted(n, share) + " " + frame.formatted(story.x()),
                new Scaled(Rational.of(1, n), Rational.of((long) n * share)),
                draw);
    }

    static Item part(ItemRef ref, String frame, Draw draw) {
        PartKnown story = draw.oneOf(PARTS);
        int q = draw.between(3, 8);
        int p = draw.between(2, q - 1, n -> Rational.of(n, q).den().intValue() == q);
        int whole = draw.between(story.whole()[0], story.whole()[1], n -> n % q == 0 && n != p * q);
        Scaled scaled = new Scaled(Rational.of(p, q), Rational.of(whole));
        return chosen(
                ref,
                story.sentence().formatted("$\\frac{" + p + "}{" + q + "}$", scaled.right()) + " "
                        + frame.formatted(story.one()),
                scaled,
                draw);
    }

    private static Item chosen(ItemRef ref, String stem, Scaled scaled, Draw draw) {
        return scaled.solved(Items.of(ref).text(stem).part(equation(scaled, draw)), "Now solve it.", "x =", true)
                .build();
    }

    private static Part equation(Scaled scaled, Draw draw) {
        Rational b = scaled.right();
        Rational f = scaled.factor();
        boolean shares = !f.isInteger() && f.num().intValueExact() == 1;
        Rational shown = shares ? f.reciprocal() : f;
        String c = Linear.fractionLatex(shown);
        Choices choices = Choices.right("$" + scaled.latex() + "$")
                .wrong(
                        "$x + " + c + " = " + b + "$",
                        "added",
                        "Read the sentence with an $x$ in it: is anything added to it?")
                .wrong(
                        shares ? "$" + c + "x = " + b + "$" : "$x = " + c + "\\cdot " + b + "$",
                        "other-way-round",
                        "Which of the two is $x$: the whole, or a part of it?")
                .wrong(
                        shares
                                ? "$x - " + c + " = " + b + "$"
                                : f.isInteger()
                                        ? "$\\frac{x}{" + c + "} = " + b + "$"
                                        : "$" + Linear.fractionLatex(f.reciprocal()) + "x = " + b + "$",
                        shares ? "subtracted" : f.isInteger() ? "shared-out" : "reciprocal",
                        shares
                                ? "Read the sentence with an $x$ in it: is anything taken from it?"
                                : f.isInteger()
                                        ? "Are they shared out, or put together?"
                                        : "Is the part larger than the whole, or smaller?");
        Field field = choices.shuffled("equation", "Equation", draw);
        return Part.of(
                "Which equation says this?",
                field,
                "What does $x$ stand for?",
                "Say in your own words what is done to $x$, and what comes out.",
                shares
                        ? "The whole is shared out. Which operation is that?"
                        : f.isInteger()
                                ? "There are several, all alike. Which operation puts them together?"
                                : "A part of the whole is known. How is a part of a number computed?");
    }
}
