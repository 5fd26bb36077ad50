package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.SkillDefinition;

/** Segment, ray or line: which one it is, and its name by its letters. */
public final class LineKinds extends SkillDefinition {
    private static final List<String> KINDS = List.of("segment", "ray", "line");

    public LineKinds() {
        super("line-kinds", "Segments, rays, lines", List.of("drawing", "trail"));
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int kind = draw.between(0, 2);
        List<String> names = draw.shuffled(List.of("A", "B", "C", "D", "K", "M", "P", "Q", "R", "S"))
                .subList(0, ref.tier() == 3 ? 3 : 2);
        boolean fromSecond = kind == 1 && ref.tier() > 1 && draw.coin();
        int slope = draw.between(-3, 3) * 8;
        boolean start = kind == 2 || fromSecond;
        boolean end = kind == 2 || kind == 1 && !fromSecond;
        List<Figure.Named> points = new java.util.ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            double t = names.size() == 1 ? 0 : i / (names.size() - 1.0);
            points.add(new Figure.Named(names.get(i), 20 + 60 * t, 50 + slope * (t - 0.5)));
        }
        String alt = "A straight stroke through " + String.join(", ", names)
                + (start && end
                        ? " with arrows at both ends."
                        : end
                                ? " with an arrow behind " + names.getLast() + " and an end at " + names.getFirst()
                                        + "."
                                : start
                                        ? " with an arrow before " + names.getFirst() + " and an end at "
                                                + names.getLast() + "."
                                        : " that ends at " + names.getFirst() + " and " + names.getLast() + ".");
        String from = fromSecond ? names.getLast() : names.getFirst();
        String to = fromSecond ? names.getFirst() : names.getLast();
        Figure.Straight figure = new Figure.Straight(alt, points, start, end, 0);
        String what = ref.variant().equals("drawing")
                ? "Look at the drawing."
                : "On the trail map a stretch is drawn like this.";
        return Items.of(ref)
                .text(what)
                .picture(figure)
                .part(kindPart(kind, draw))
                .part(namePart(kind, from, to, draw))
                .step("Look at both ends: an arrow says that it goes on for ever, no arrow says that it stops.", "")
                .step(
                        switch (kind) {
                            case 0 -> "It stops at both ends, so it is a segment. Its ends name it.";
                            case 1 ->
                                "It stops at one end and goes on at the other, so it is a ray. Its end is named first.";
                            default -> "It goes on at both ends, so it is a line. Any two of its points name it.";
                        },
                        "")
                .build();
    }

    private static Part kindPart(int kind, Draw draw) {
        Choices choices = Choices.right("a " + KINDS.get(kind));
        for (String other : KINDS) {
            choices.wrong(
                    "a " + other,
                    kind == 1 ? "one-arrow-read-as-two" : "arrows",
                    "Look at each end on its own: is there an arrow or does it stop?");
        }
        Field field = choices.shuffled("kind", "What it is", draw);
        return Part.of(
                "What is it?",
                field,
                "Look at the two ends.",
                "A segment has two ends, a ray one, a line none.",
                kind == 0 ? "There is no arrow at all." : kind == 1 ? "There is one arrow." : "There are two arrows.");
    }

    private static Part namePart(int kind, String from, String to, Draw draw) {
        String right = KINDS.get(kind) + " " + from + to;
        String other = KINDS.get((kind + 1) % 3) + " " + from + to;
        Choices choices = Choices.right(right).wrong(other, "kind", "The letters are right. Look at what it is.");
        choices.wrong(
                kind == 1 ? "ray " + to + from : KINDS.get(kind) + " " + from,
                kind == 1 ? "order" : "one-letter",
                kind == 1
                        ? "A ray is named from its end. Which letter stands there?"
                        : "It takes two points to name it.");
        choices.wrong(KINDS.get((kind + 2) % 3) + " " + to + from, "kind", "Look at the ends once more.");
        Field field = choices.shuffled("name", "Its name", draw);
        return Part.of(
                "How is it named?",
                field,
                "Which points are marked on it?",
                "Segments and lines take two points in any order; a ray starts with its end.",
                kind == 1 ? "It stops at " + from + "." : "Two of its points are " + from + " and " + to + ".");
    }
}
