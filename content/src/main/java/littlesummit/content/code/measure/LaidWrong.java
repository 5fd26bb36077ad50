package littlesummit.content.code.measure;

import java.util.Comparator;
import java.util.List;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Units that were laid with gaps, with overlaps, past the end, or as they should: what is the length then? */
final class LaidWrong {
    private static final List<String> OPTIONS = List.of("longer than that", "just that long", "shorter than that");

    /** A way to lay units. */
    private enum Way {
        GAPS(0, "Between them there are small gaps.", "The gaps are not counted, and they belong to the length."),
        SHORT(0, "The last one stops before the end.", "What is left over at the end belongs to the length, too."),
        RIGHT(1, "They lie end to end from its beginning to its end.", "End to end, their number is the length."),
        OVERLAP(2, "Each of them overlaps the one before a little.", "What lies double was counted double."),
        OVER(2, "They lie end to end, and the last one reaches over the end.", "What reaches over does not belong.");

        final int option;
        final String says;
        final String why;

        Way(int option, String says, String why) {
            this.option = option;
            this.says = says;
            this.why = why;
        }
    }

    private LaidWrong() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Way way = draw.oneOf(Way.values());
        Strip strip = Strip.drawn(draw, 0, 4, 12);
        String count = strip.many(strip.length());
        Choices choices = Choices.right(OPTIONS.get(way.option));
        OPTIONS.forEach(o -> choices.wrong(
                o,
                "count-believed",
                "Picture it: are there places that no " + strip.unit() + " covers, or places that are covered twice,"
                        + " or beyond the end?"));
        return Items.of(ref)
                .text(frame.formatted(Words.name(draw), count, strip.object(), way.says))
                .part(Part.of(
                        "Is the " + strip.object() + " " + count + " long?",
                        choices.ordered("answer", "Its length", Comparator.comparingInt(OPTIONS::indexOf)),
                        "Picture how they lie, or draw it.",
                        "The number of units is the length only when they lie end to end, without gaps and"
                                + " without overlap, from the beginning to the end.",
                        "Push them together in your mind until they lie end to end. Where does the last one"
                                + " stop then?"))
                .step(way.says, "")
                .step(way.why, "")
                .build();
    }
}
