package littlesummit.content.code.number;

import java.util.List;
import littlesummit.content.code.Divisors;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** A share that no fraction says: top and bottom have to be found first. */
final class LowestShare {
    private LowestShare() {}

    /** What is told is the part; what is asked for is the rest. */
    static Item left(ItemRef ref, String frame, Draw draw) {
        Cancelled c = Cancelled.proper(draw, 9, 2, 3, 4, 6);
        int part = c.den() - c.num();
        int factor = Divisors.gcd(part, c.den());
        String rest =
                frame.contains("lanterns") ? "dark" : frame.contains("trees") ? "not yet pruned" : "not yet shorn";
        Mistakes mistakes = Mistakes.of(c.answer())
                .add(
                        part / factor + "/" + c.den() / factor,
                        "part-for-rest",
                        "That is the share that the text tells of. What share is the rest?");
        return cancelled(
                c,
                Items.of(ref)
                        .text(frame.formatted(c.den(), part))
                        .part(c.part("What share of them is " + rest + "?", "How many are " + rest + "?", mistakes))
                        .step("So many are " + rest + ":", c.den() + " - " + part + " = " + c.num())
                        .step("They are " + c.num() + " out of " + c.den() + ": $" + c.latex() + "$.", ""));
    }

    /** Two parts are told; the whole is both together. */
    static Item together(ItemRef ref, String frame, Draw draw) {
        Cancelled c = Cancelled.proper(draw, 9, 2, 3, 4, 5, 6);
        int other = c.den() - c.num();
        int factor = Divisors.gcd(c.num(), other);
        List<String> words = frame.contains("goats")
                ? List.of("the goats", "white")
                : frame.contains("apples") ? List.of("the fruit", "apples") : List.of("the hikers", "on the trail");
        Mistakes mistakes = Mistakes.of(c.answer())
                .add(
                        c.num() / factor + "/" + other / factor,
                        "part-to-part",
                        "That compares the two with each other. A share is of all of them.");
        return cancelled(
                c,
                Items.of(ref)
                        .text(frame.formatted(c.num(), other))
                        .part(c.part(
                                "What share of all " + words.getFirst() + " "
                                        + (words.getLast().equals("on the trail")
                                                ? "came up by the trail?"
                                                : "is " + words.getLast() + "?"),
                                "How many are there in all?",
                                mistakes))
                        .step("In all there are:", c.num() + " + " + other + " = " + c.den())
                        .step("So the share is " + c.num() + " out of " + c.den() + ": $" + c.latex() + "$.", ""));
    }

    /** The whole is the sum of a row of a table. */
    static Item table(ItemRef ref, String frame, Draw draw) {
        Cancelled c = Cancelled.proper(draw, 8, 4, 6, 8, 9, 10);
        int rest = c.den() - c.num();
        int second = draw.between(1, rest, n -> n != rest || rest == 1);
        int third = rest - second;
        boolean boards = frame.contains("boards");
        List<String> head = boards ? List.of("larch", "oak", "pine") : List.of("clover", "forest", "linden");
        int factor = Divisors.gcd(c.num(), rest);
        Mistakes mistakes = Mistakes.of(c.answer())
                .add(
                        c.num() / factor + "/" + rest / factor,
                        "part-to-part",
                        "That compares with the others. A share is of all of them.");
        return cancelled(
                c,
                Items.of(ref)
                        .text(frame)
                        .table(
                                head,
                                List.of(List.of(
                                        String.valueOf(c.num()), String.valueOf(second), String.valueOf(third))))
                        .part(c.part(
                                "What share of all " + (boards ? "boards is " : "jars is ") + head.getFirst() + "?",
                                "What is the whole here? No cell of the table says it.",
                                mistakes))
                        .step("All together:", c.num() + " + " + second + " + " + third + " = " + c.den())
                        .step("So the share is " + c.num() + " out of " + c.den() + ": $" + c.latex() + "$.", ""));
    }

    /** More than one whole. */
    static Item measures(ItemRef ref, String frame, Draw draw) {
        boolean oats = frame.contains("oats");
        Cancelled c = oats ? Cancelled.improper(draw, 12, 20, 30, 40, 50) : Cancelled.improper(draw, 9, 2, 4, 5);
        return cancelled(
                c,
                Items.of(ref)
                        .text(frame.formatted(c.den(), c.num()))
                        .part(c.part(
                                "How many " + (oats ? "measures" : "cans") + " is that?",
                                "Is it more or less than one " + (oats ? "measure" : "can") + "?",
                                Mistakes.of(c.answer())))
                        .step("Divide what is needed by what one holds: $" + c.latex() + "$.", ""));
    }

    /** With the steps that every share ends with. */
    private static Item cancelled(Cancelled c, Items item) {
        item.given(c.num() + "/" + c.den());
        c.steps(item);
        return item.build();
    }
}
