package littlesummit.content.code.fraction;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;
import littlesummit.core.skill.Tex;

/** A percent situation in steps: name the whole, place knowns and unknown on a bar, find the percent left. */
public final class PercentParts extends SkillDefinition {
    public PercentParts() {
        super("percent-parts", "Percent on a bar", List.of("price", "tank"));
    }

    @Override
    public int version() {
        return 3;
    }

    /**
     * @param whole what is 100%
     * @param off what is taken
     * @param left what is left
     */
    private record Words(String whole, String off, String left) {}

    @Override
    public Item make(ItemRef ref, Draw draw) {
        boolean price = ref.variant().equals("price");
        Rational percent =
                switch (ref.tier()) {
                    case 1 -> Rational.of(10L * draw.between(1, 8, n -> n != 5));
                    case 2 -> Rational.of(draw.between(4, 88, n -> n % 10 != 0 && n != 50));
                    default -> Rational.of(2L * draw.between(5, 90, n -> n != 50) + 1, 2);
                };
        Rational left = Rational.of(100).minus(percent);
        String p = Tex.plain(percent);
        Ware ware = Ware.draw(draw);
        Words words = price
                ? new Words("the full price", "the discount", "the reduced price")
                : new Words("the full tank", "the water used", "the water left");
        String stem = price
                ? "At the end of the season " + ware.article() + " is sold with a discount of " + p + "%."
                : "The water tank of the hut was full this morning. Since then " + p + "% of the water has been used.";
        return Items.of(ref)
                .text(stem + " What percent is left" + (price ? " to pay?" : "?"))
                .part(name(words, draw))
                .part(place(words, percent, draw))
                .part(left(percent, left, price))
                .step("Name the whole: " + words.whole() + " is 100%.", "")
                .step("Take away the part that is gone: " + p + "%.", "100 - " + p)
                .step("Work it out. That percent is left.", Tex.plain(left))
                .given("100 - " + p)
                .second(
                        "As a bar",
                        new Block.Text("The whole bar is 100%. The white piece is gone, the shaded one is left."),
                        new Block.Picture(new Figure.Bar(
                                "A bar of 100% cut into " + Tex.plain(left) + "% left and " + p + "% gone.",
                                "100%",
                                List.of(
                                        new Figure.Piece(
                                                left.num().doubleValue()
                                                        / left.den().doubleValue(),
                                                "left",
                                                true,
                                                ""),
                                        new Figure.Piece(
                                                percent.num().doubleValue()
                                                        / percent.den().doubleValue(),
                                                p + "%",
                                                false,
                                                "")))))
                .build();
    }

    private static Part name(Words w, Draw draw) {
        Field asChoice = Choices.right(w.whole())
                .wrong(w.off(), "part-for-whole", "That is only a part. What is it a part of?")
                .wrong(w.left(), "rest-for-whole", "That is what is left of it. What was there at the start?")
                .shuffled("whole", "what the whole is", draw);
        Field field = asChoice.by(new Response.PickFromList(((Response.ChooseOne) asChoice.response()).options()));
        return new Part(
                "Name the whole.",
                List.of(field),
                new Layout.InSentence("The 100% stands for {{whole}}."),
                List.of(
                        "What was there before anything was taken away?",
                        "The whole is what the percent is of.",
                        "Take " + w.off() + " away from it, and " + w.left() + " stays."));
    }

    /** A piece has to be wide enough for its label, in percent of the bar. */
    private static final double NARROWEST = 22;
    /** In thousandths of a piece of the picture. */
    private static final double WIDTH_OF_PERCENT = 617.3;

    private static Part place(Words w, Rational percent, Draw draw) {
        String p = Tex.plain(percent);
        double off = Math.clamp(percent.num().doubleValue() / percent.den().doubleValue(), NARROWEST, 100 - NARROWEST);
        List<String> ids = draw.shuffled(List.of("a", "b", "c"));
        List<Option> labels = new ArrayList<>(
                List.of(Option.of(ids.get(0), "100%"), Option.of(ids.get(1), p + "%"), Option.of(ids.get(2), "?")));
        labels.sort(java.util.Comparator.comparing(Option::id));
        Figure.Bar bar = new Figure.Bar(
                "A bar with a place for the label of the whole, and two pieces: " + w.left() + " and " + w.off() + ".",
                "{{total}}",
                List.of(
                        new Figure.Piece(width(100 - off), w.left(), true, "left"),
                        new Figure.Piece(width(off), w.off(), false, "off")));
        List<Field> fields = List.of(
                slot("total", "the whole bar, " + w.whole(), ids, 0, labels),
                slot("left", w.left(), ids, 2, labels),
                slot("off", w.off(), ids, 1, labels));
        return new Part(
                "Place what you know, and the question mark, on the bar.",
                fields,
                new Layout.OnFigure(bar),
                List.of(
                        "Which number belongs to the whole bar?",
                        "The whole bar is 100%. What you look for gets the question mark.",
                        "The " + p + "% belong to " + w.off() + "."));
    }

    /** To scale for the eye, and no number of it is the one that is asked for next. */
    private static double width(double percent) {
        return Math.round(percent * WIDTH_OF_PERCENT) / 1000.0;
    }

    private static Field slot(String id, String label, List<String> ids, int right, List<Option> labels) {
        AnswerSpec answer = AnswerSpec.choice(ids.get(right), List.of("a", "b", "c"));
        List<Mistake> mistakes = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            if (i != right) {
                mistakes.add(new Mistake(
                        ids.get(i), "placed-wrong", "Look at " + label + " again: is that known, and how much is it?"));
            }
        }
        return new Field(id, label, "", new Response.DropLabel(labels), answer, mistakes);
    }

    private static Part left(Rational percent, Rational left, boolean price) {
        AnswerSpec answer =
                AnswerSpec.number(Form.Shape.PERCENT, Tex.plain(left) + "%").withSuffix("%");
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Tex.plain(percent),
                        "discount-for-left",
                        price
                                ? "That is the discount. What is left to pay?"
                                : "That is what has been used. What is left?")
                .add(
                        Tex.plain(Rational.of(100).plus(percent)),
                        "added",
                        "That is more than the whole. Is something taken away or added?")
                .add(
                        Tex.plain(left.plus(Rational.of(10))),
                        "ten-off",
                        "Close. Check by adding both parts: they make 100%.");
        Field field =
                Field.typed("percent", "Percent left", "a percent; the sign is there already", answer, mistakes.list());
        return Part.of(
                "Now find the percent that is left.",
                field,
                "Both pieces of the bar make 100% together.",
                "What is left is the whole less what is taken away.",
                "Start with 100% and take away " + Tex.plain(percent) + "%.");
    }
}
