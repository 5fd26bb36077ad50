package littlesummit.content.code.fraction;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Tex;

/** The first two steps of a percent situation: the whole is named, and what is known is laid out on a bar. */
final class BarParts {
    private BarParts() {}

    /**
     * A whole in two pieces.
     *
     * @param whole what is 100%
     * @param off what is taken
     * @param left what is left
     */
    record Situation(String whole, String off, String left) {}

    static Part name(Situation w, Draw draw) {
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

    static Part place(Situation w, Rational percent, Rational gone, boolean offKnown, Draw draw) {
        String p = Tex.plain(percent);
        double off = Math.clamp(gone.num().doubleValue() / gone.den().doubleValue(), NARROWEST, 100 - NARROWEST);
        List<String> ids = draw.shuffled(List.of("a", "b", "c"));
        List<Option> labels = new ArrayList<>(
                List.of(Option.of(ids.get(0), "100%"), Option.of(ids.get(1), p + "%"), Option.of(ids.get(2), "?")));
        labels.sort(Comparator.comparing(Option::id));
        Figure.Bar bar = new Figure.Bar(
                "A bar with a place for the label of the whole, and two pieces: " + w.left() + " and " + w.off() + ".",
                "{{total}}",
                List.of(
                        new Figure.Piece(width(100 - off), w.left(), true, "left"),
                        new Figure.Piece(width(off), w.off(), false, "off")));
        List<Field> fields = List.of(
                slot("total", "the whole bar, " + w.whole(), ids, 0, labels),
                slot("left", w.left(), ids, offKnown ? 2 : 1, labels),
                slot("off", w.off(), ids, offKnown ? 1 : 2, labels));
        return new Part(
                "Place what you know, and the question mark, on the bar.",
                fields,
                new Layout.OnFigure(bar),
                List.of(
                        "Which number belongs to the whole bar?",
                        "The whole bar is 100%. What you look for gets the question mark.",
                        "The " + p + "% belongs to " + (offKnown ? w.off() : w.left()) + "."));
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
                        ids.get(i),
                        "placed-wrong",
                        "Look once more at " + label + ": is that known, and how much is it?"));
            }
        }
        return new Field(id, label, "", new Response.DropLabel(labels), answer, mistakes);
    }
}
