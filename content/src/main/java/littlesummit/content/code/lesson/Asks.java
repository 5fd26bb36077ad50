package littlesummit.content.code.lesson;

import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Mistakes;

/** The small questions that lessons are made of. */
final class Asks {
    private static final List<String> IDS = List.of("a", "b", "c", "d");

    private Asks() {}

    /**
     * A sentence with a list in it.
     *
     * @param sentence with {@code {{pick}}} where the list stands
     */
    static Part pick(String prompt, String sentence, Choices choices, Draw draw, String... hints) {
        Field drawn = choices.shuffled("pick", prompt, draw);
        Field field = drawn.by(new Response.PickFromList(((Response.ChooseOne) drawn.response()).options()));
        return new Part(prompt, List.of(field), new Layout.InSentence(sentence), List.of(hints));
    }

    static Part choose(String prompt, Choices choices, Draw draw, String... hints) {
        return Part.of(prompt, choices.shuffled("choice", "Your choice", draw), hints);
    }

    static Part whole(String prompt, String label, long answer, Wrong wrong, String... hints) {
        return number(
                prompt,
                label,
                "a whole number",
                AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(answer)),
                wrong,
                hints);
    }

    /** A whole number of percent; the field shows the sign. */
    static Part percent(String prompt, String label, long answer, Wrong wrong, String... hints) {
        return number(
                prompt,
                label,
                "a percent; the sign is there already",
                AnswerSpec.number(Form.Shape.PERCENT, answer + "%").withSuffix("%"),
                wrong,
                hints);
    }

    static Part number(String prompt, String label, String wanted, AnswerSpec answer, Wrong wrong, String... hints) {
        Mistakes mistakes = Mistakes.of(answer).add(wrong.entry(), wrong.slip(), wrong.message());
        return Part.of(prompt, Field.typed("answer", label, wanted, answer, mistakes.list()), hints);
    }

    /**
     * A bar to be labelled; every place gets the label that stands with it.
     *
     * @param bar whose places have the ids of the spots
     * @param look what to look at where a label stands in the wrong place
     */
    static Part onBar(String prompt, Figure.Bar bar, List<Spot> spots, String look, Draw draw, String... hints) {
        List<String> ids = draw.shuffled(IDS.subList(0, spots.size()));
        List<Option> labels = IntStream.range(0, spots.size())
                .mapToObj(i -> Option.of(ids.get(i), spots.get(i).label()))
                .sorted(Comparator.comparing(Option::id))
                .toList();
        List<Field> fields = IntStream.range(0, spots.size())
                .mapToObj(i -> spot(spots.get(i), ids.get(i), labels, look))
                .toList();
        return new Part(prompt, fields, new Layout.OnFigure(bar), List.of(hints));
    }

    private static Field spot(Spot spot, String right, List<Option> labels, String look) {
        List<String> all = labels.stream().map(Option::id).toList();
        List<Mistake> mistakes = all.stream()
                .filter(id -> !id.equals(right))
                .map(id -> new Mistake(id, "placed-wrong", look))
                .toList();
        return new Field(
                spot.id(), spot.says(), "", new Response.DropLabel(labels), AnswerSpec.choice(right, all), mistakes);
    }

    /**
     * A place of a picture.
     *
     * @param says what it is, for those who do not see it
     * @param label what belongs there
     */
    record Spot(String id, String says, String label) {}

    /**
     * A share to be shaded on an empty bar.
     *
     * @param share a fraction with the number of parts below the line
     */
    static Part shade(String prompt, String label, int parts, String share, Wrong wrong, String... hints) {
        Figure.FractionPicture bar = new Figure.FractionPicture(
                "A bar cut into " + parts + " equal parts, none shaded.",
                Figure.Shape.BAR,
                1,
                Collections.nCopies(parts, 1.0),
                0);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.ANY, share);
        Mistakes mistakes = Mistakes.of(answer).add(wrong.entry(), wrong.slip(), wrong.message());
        return Part.of(
                prompt,
                new Field("shade", label, "", new Response.Shade(bar), answer, List.of(mistakes.list())),
                hints);
    }

    /**
     * A point to be put on a grid.
     *
     * @param mistaken another point that is likely, with what it comes from
     */
    static Part point(String prompt, String label, Figure.Grid grid, String point, Wrong mistaken, String... hints) {
        AnswerSpec answer = AnswerSpec.of(Kind.PAIR, Form.Shape.ANY, point);
        Mistakes mistakes = Mistakes.of(answer).add(mistaken.entry(), mistaken.slip(), mistaken.message());
        Field field = Field.typed("point", label, "", answer, mistakes.list()).by(new Response.PlotPoint(grid));
        return Part.of(prompt, field, hints);
    }

    /**
     * Cells of a table to be filled with whole numbers.
     *
     * @param rows cells as text, or {@code {{id}}} for a cell of this id
     */
    static Part cells(String prompt, List<String> head, List<List<String>> rows, List<Cell> cells, String... hints) {
        List<Field> fields = cells.stream()
                .map(c -> Field.typed(
                        c.id(),
                        c.says(),
                        "a whole number",
                        AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(c.value())),
                        Mistakes.of(AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(c.value())))
                                .add(
                                        c.wrong().entry(),
                                        c.wrong().slip(),
                                        c.wrong().message())
                                .list()))
                .toList();
        return new Part(prompt, fields, new Layout.InTable(head, rows, false), List.of(hints));
    }

    /** @param says which cell it is, for those who do not see the table */
    record Cell(String id, String says, long value, Wrong wrong) {}

    /** A likely wrong entry. */
    record Wrong(String entry, String slip, String message) {
        static Wrong of(long entry, String slip, String message) {
            return new Wrong(String.valueOf(entry), slip, message);
        }
    }
}
