package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** What a stroke is that is drawn or described, and how it is called. */
final class Strokes {
    private Strokes() {}

    static Item drawn(ItemRef ref, String frame, Draw draw) {
        Stroke stroke = Stroke.drawn(draw, 2);
        int slope = draw.between(-3, 3) * 8;
        return Items.of(ref)
                .text(frame)
                .picture(stroke.figure(slope))
                .part(kind(stroke, draw))
                .part(name(stroke, draw))
                .step("Look at both ends: an arrow says that it goes on for ever, no arrow says that it stops.", "")
                .step(why(stroke.what()), "")
                .build();
    }

    private static String why(Stroke.What what) {
        return switch (what) {
            case SEGMENT -> "It stops at both ends, so it is a segment. Its ends name it.";
            case RAY -> "It stops at one end and goes on at the other, so it is a ray. Its end is named first.";
            case LINE -> "It goes on at both ends, so it is a line. Any two of its points name it.";
        };
    }

    private static Part kind(Stroke stroke, Draw draw) {
        Choices choices = Choices.right("a " + stroke.what().word);
        for (Stroke.What other : Stroke.What.values()) {
            choices.wrong(
                    "a " + other.word,
                    stroke.what() == Stroke.What.RAY ? "one-arrow-read-as-two" : "arrows",
                    "Look at each end on its own: is there an arrow or does it stop?");
        }
        return Part.of(
                "What is it?",
                choices.shuffled("kind", "What it is", draw),
                "Look at the two ends.",
                "A segment has two ends, a ray one, a line none.",
                switch (stroke.what()) {
                    case SEGMENT -> "There is no arrow at all.";
                    case RAY -> "There is one arrow.";
                    case LINE -> "There are two arrows.";
                });
    }

    private static Part name(Stroke stroke, Draw draw) {
        String from = stroke.onward().getFirst();
        String to = stroke.onward().getLast();
        boolean isRay = stroke.what() == Stroke.What.RAY;
        List<String> words =
                List.of(Stroke.What.values()).stream().map(w -> w.word).toList();
        String word = stroke.what().word;
        String next = words.get((stroke.what().ordinal() + 1) % 3);
        String last = words.get((stroke.what().ordinal() + 2) % 3);
        Choices choices = Choices.right(word + " " + from + to)
                .wrong(next + " " + from + to, "kind", "The letters are correct. Look at what it is.")
                .wrong(
                        isRay ? "ray " + to + from : word + " " + from,
                        isRay ? "order" : "one-letter",
                        isRay
                                ? "A ray is named from its end. Which letter stands there?"
                                : "It takes two points to name it.")
                .wrong(last + " " + to + from, "kind", "Look at the ends once more.");
        return Part.of(
                "How is it named?",
                choices.shuffled("name", "Its name", draw),
                "Which points are marked on it?",
                "Segments and lines take two points in any order; a ray starts with its end.",
                isRay ? "It stops at " + from + "." : "Two of its points are " + from + " and " + to + ".");
    }

    /** From words to the name, without a picture. */
    static Item described(ItemRef ref, String frame, Draw draw) {
        Stroke stroke = Stroke.drawn(draw, 2);
        String a = stroke.onward().getFirst();
        String b = stroke.onward().getLast();
        String says =
                switch (stroke.what()) {
                    case SEGMENT ->
                        draw.oneOf(
                                "it begins at " + a + " and stops at " + b + ".",
                                "all that lies straight between " + a + " and " + b + ", with both points.");
                    case RAY ->
                        draw.oneOf(
                                "it begins at " + a + ", goes straight through " + b + ", and does not stop.",
                                "it stops at " + a + "; on the other side it goes on through " + b + " without end.");
                    case LINE ->
                        draw.oneOf(
                                "it goes straight through " + a + " and " + b + " and stops on neither side.",
                                "it has no end, neither before " + a + " nor behind " + b + ".");
                };
        Choices choices = Choices.right(stroke.what().word + " " + a + b);
        for (Stroke.What other : Stroke.What.values()) {
            choices.wrong(
                    other.word + " " + a + b,
                    "kind",
                    "Read once more what happens at each side: does it stop there, or go on?");
        }
        choices.wrong(
                stroke.what() == Stroke.What.RAY ? "ray " + b + a : "ray " + b,
                stroke.what() == Stroke.What.RAY ? "order" : "one-letter",
                stroke.what() == Stroke.What.RAY
                        ? "A ray is named from its end. At which point does it stop?"
                        : "It takes two points to name it.");
        return Items.of(ref)
                .text(frame.formatted(says))
                .part(Part.of(
                        "What is described here?",
                        choices.shuffled("name", "Its name", draw),
                        "How many ends does it have?",
                        "A segment has two ends, a ray one, a line none.",
                        "Draw both points and the straight stroke as it is described."))
                .step("Count the ends that the words speak of.", "")
                .step(why(stroke.what()), "")
                .build();
    }
}
