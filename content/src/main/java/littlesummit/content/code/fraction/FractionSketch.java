package littlesummit.content.code.fraction;

import littlesummit.content.code.Words;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A picture of a fraction that somebody draws, with a sentence that says why it shows it. A person reads both. */
final class FractionSketch {
    private FractionSketch() {}

    static Item one(ItemRef ref, String frame, Draw draw) {
        int den = draw.between(3, 8);
        int num = draw.between(1, den - 1, n -> 2 * n != den);
        return make(ref, frame.formatted(Parts.tex(num, den), thing(draw)), num, den);
    }

    static Item above(ItemRef ref, String frame, Draw draw) {
        int den = draw.between(3, 6);
        int num = draw.between(den + 1, 3 * den - 1, n -> n % den != 0);
        String thing = thing(draw);
        String more = thing.equals("flat loaf") ? "flat loaves" : thing + "s";
        return make(ref, frame.formatted(Parts.tex(num, den), more), num, den);
    }

    private static String thing(Draw draw) {
        return draw.oneOf("cheese", "flat loaf", "vegetable bed", "blanket");
    }

    private static Item make(ItemRef ref, String text, int num, int den) {
        boolean above = num > den;
        String fraction = Parts.tex(num, den);
        int wholes = Math.ceilDiv(num, den);
        Figure.FractionPicture bar = Parts.picture(Figure.Shape.BAR, wholes, Parts.equal(den), num);
        String why = above
                ? "Each whole has " + den + " equal parts, and " + num + " of these parts are shaded in all."
                : "The whole has " + den + " equal parts, and " + num + (num == 1 ? " of them is" : " of them are")
                        + " shaded.";
        return Items.of(ref)
                .text(text)
                .part(Part.of(
                        "Draw it on your page. Then say here, in your own words, why your picture shows " + fraction
                                + ".",
                        Field.inWords("why", "Why it shows it", "a sentence or two", why),
                        "What is one whole in your picture?",
                        "The parts of a whole have to be equally large; otherwise nobody can count them.",
                        "Draw a bar for " + (above ? "each whole" : "the whole") + " and cut it into " + den
                                + " parts."))
                .step(
                        "Draw " + (wholes == 1 ? "one whole" : wholes + " wholes, each") + " cut into " + den
                                + " equal parts.",
                        "")
                .step(
                        "Shade " + Words.many(num, "part", "parts") + ".",
                        num + "\\cdot \\frac{1}{" + den + "} = \\frac{" + num + "}{" + den + "}")
                .step("A reason in words could be: " + why, "")
                .second("As a bar", new Block.Picture(bar))
                .build();
    }
}
