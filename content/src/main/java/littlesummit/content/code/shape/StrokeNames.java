package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.content.code.SeveralRight;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Strokes with three points: every name that fits, and where the third point lies. */
final class StrokeNames {
    private StrokeNames() {}

    static Item names(ItemRef ref, String frame, Draw draw) {
        Stroke stroke = Stroke.drawn(draw, 3);
        List<String> on = stroke.onward();
        String a = on.get(0);
        String b = on.get(1);
        String c = on.get(2);
        String word = stroke.what().word + " ";
        SeveralRight names =
                switch (stroke.what()) {
                    case SEGMENT ->
                        SeveralRight.of(List.of(word + a + c, word + c + a))
                                .wrong(word + a + b, "part-only", "That is only a part of what is drawn.")
                                .wrong(word + b + c, "part-only", "That is only a part of what is drawn.")
                                .wrong("line " + a + c, "kind", "It stops at both ends.");
                    case RAY ->
                        SeveralRight.of(List.of(word + a + b, word + a + c))
                                .wrong(word + b + c, "start", "That one begins at a point in between.")
                                .wrong(word + c + a, "order", "A ray is named from its end.")
                                .wrong("line " + a + b, "kind", "It stops at one end.");
                    case LINE ->
                        SeveralRight.of(List.of(word + a + b, word + c + b, word + a + c))
                                .wrong("ray " + a + c, "kind", "Nothing stops here: there are two arrows.")
                                .wrong("segment " + a + c, "kind", "It goes on at both ends.");
                };
        return Items.of(ref)
                .text(frame)
                .picture(stroke.figure(draw.between(-2, 2) * 8))
                .part(Part.of(
                        "Choose all names that fit what is drawn.",
                        names.field("names", "Names", "One more name fits. One thing can have several names.", draw),
                        "First say what it is: where does it stop, and where does it go on?",
                        switch (stroke.what()) {
                            case SEGMENT -> "A segment is named by its two ends, in any order.";
                            case RAY -> "A ray is named by its end, and then by any point that it goes through.";
                            case LINE -> "A line is named by any two of its points, in any order.";
                        },
                        switch (stroke.what()) {
                            case SEGMENT -> "Which two of the three letters stand at the ends?";
                            case RAY -> "Which of the three letters stands where it stops?";
                            case LINE -> "Which pairs can be made from three letters?";
                        }))
                .step(
                        switch (stroke.what()) {
                            case SEGMENT -> "It stops at " + a + " and at " + c + ": it is a segment with these ends.";
                            case RAY ->
                                "It stops at " + a + " and goes on at the other side: it is a ray, and " + a
                                        + " comes first in its name.";
                            case LINE -> "It goes on at both sides: it is a line, and any two of its points name it.";
                        },
                        "")
                .step(
                        switch (stroke.what()) {
                            case SEGMENT -> "So it is called " + a + c + " or " + c + a + ".";
                            case RAY -> "So it is called " + a + b + " or " + a + c + ": both mean the same ray.";
                            case LINE ->
                                "So it is called " + a + b + ", " + c + b + " or " + a + c
                                        + ": all mean the same line.";
                        },
                        "")
                .build();
    }

    /** The three points stand in a row; the question is about what two of them name. */
    static Item liesOn(ItemRef ref, String frame, Draw draw) {
        List<String> row = Stroke.letters(draw, 3);
        int place = draw.between(0, 2);
        String p = row.get(place);
        boolean turned = draw.coin();
        List<String> others = row.stream().filter(l -> !l.equals(p)).toList();
        String from = turned ? others.get(1) : others.get(0);
        String to = turned ? others.get(0) : others.get(1);
        boolean between = place == 1;
        boolean beyond = !between && (place == 2) != turned;
        String ray = "ray $" + from + to + "$";
        String segment = "segment $" + from + to + "$";
        String line = "line $" + from + to + "$";
        List<String> options = List.of(
                "on " + segment + ", " + ray + " and " + line,
                "on " + ray + " and " + line + ", not on " + segment,
                "on " + line + " only");
        int right = between ? 0 : beyond ? 1 : 2;
        Choices choices = Choices.right(options.get(right));
        options.forEach(o -> choices.wrong(
                o,
                "drawing-stops",
                "Go from " + from + " towards " + to + ": where does each of the three begin, and where does it"
                        + " stop?"));
        choices.wrong("on none of them", "drawing-stops", "All three points are in a row. A line goes on for ever.");
        List<Figure.Named> points = List.of(
                new Figure.Named(row.get(0), 15, 50),
                new Figure.Named(row.get(1), 15 + draw.between(20, 45), 50),
                new Figure.Named(row.get(2), 85, 50));
        return Items.of(ref)
                .text(frame)
                .picture(new Figure.Straight(
                        "Points in a row, from left to right: " + String.join(", ", row) + ".",
                        points,
                        false,
                        false,
                        0))
                .part(Part.of(
                        "Where does point $" + p + "$ lie?",
                        choices.shuffled("answer", "Where it lies", draw),
                        "Put a finger on " + from + " and go towards " + to + ". Do you meet " + p + ", and when?",
                        "A segment is what lies between its ends. A ray goes on behind the second point, a line on both"
                                + " sides.",
                        "From left to right the points are " + String.join(", ", row) + "."))
                .step(
                        between
                                ? p + " lies between " + from + " and " + to + ", and there all three are."
                                : beyond
                                        ? "Going from " + from + " one comes to " + to + " first and to " + p
                                                + " behind it: there only ray and line go on."
                                        : p + " lies on the other side of " + from
                                                + ", where the ray does not go: it begins at " + from + ".",
                        "")
                .step("So it lies " + options.get(right) + ".", "")
                .build();
    }
}
