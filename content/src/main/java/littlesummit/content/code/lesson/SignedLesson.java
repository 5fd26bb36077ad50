package littlesummit.content.code.lesson;

import java.util.List;
import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.content.code.number.IntegerAddSubtract;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Below zero: up adds, down takes away, and zero is only one number on the way. */
public final class SignedLesson extends GuidedLesson {
    private static final int EDGE = 10;

    /**
     * @param text the situation, with places for the start, how far up, and how far down
     * @param unit of what is counted
     * @param at the word before a time
     * @param start when it is looked at first
     * @param middle when it has gone up
     * @param end when it has come down
     */
    private record Story(String text, String unit, String at, String start, String middle, String end) {
        String inMiddle() {
            return at + " " + middle;
        }

        String inEnd() {
            return at + " " + end;
        }
    }

    private static final Story COLD = new Story(
            "At dawn the thermometer at the hut shows $%d$ degrees. By noon it is %d degrees warmer. By night it is %d"
                    + " degrees colder than at noon.",
            "degrees", "at", "dawn", "noon", "night");
    private static final Story LAKE = new Story(
            "The mark at the lake shows how far the water stands above its usual height. On Monday it shows $%d$"
                + " centimetres. On Tuesday, after rain, it is %d centimetres more. By Wednesday it has fallen by %d"
                + " centimetres.",
            "centimetres", "on", "Monday", "Tuesday", "Wednesday");

    public SignedLesson() {
        super(new IntegerAddSubtract(), "Lesson: up and down through zero");
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        Story s = guided ? COLD : LAKE;
        int start = -draw.between(2, 6);
        int up = draw.between(1 - start, 8, n -> n != -2 * start);
        int middle = start + up;
        int down = draw.between(middle + 1, middle + 7, n -> n != 2 * middle && n != up);
        int end = middle - down;
        Items item = Items.of(ref).text(s.text().formatted(start, up, down));
        if (guided) {
            item.part(ways(draw)).part(zero(s, start, up));
        }
        item.part(Asks.whole(
                "What does it show " + s.inMiddle() + ", in " + s.unit() + "?",
                "Shown " + s.inMiddle(),
                middle,
                Wrong.of(start - up, "down-for-up", "That goes down. More, or warmer, goes up."),
                "Does it go up or down first?",
                "Go to zero first, and then on with what is left.",
                "From $" + start + "$ up to zero it takes " + -start + "."));
        if (guided) {
            item.part(Asks.choose(
                    "Which of these says what happens after that?",
                    Choices.right("$" + middle + " - " + down + "$")
                            .wrong(
                                    "$" + down + " - " + middle + "$",
                                    "turned-round",
                                    "That begins with the change. Where does it begin?")
                            .wrong("$" + middle + " + " + down + "$", "up-for-down", "That goes up. It falls."),
                    draw,
                    "Where does it stand before it falls?",
                    "First comes where it stands, then what happens to it.",
                    "It stands at " + middle + " and goes down."));
        }
        return item.part(Asks.whole(
                        "What does it show " + s.inEnd() + ", in " + s.unit() + "?",
                        "Shown " + s.inEnd(),
                        end,
                        Wrong.of(-end, "sign", "The size is right. On which side of zero does it end?"),
                        "It stands at " + middle + ". Is the fall longer than the way to zero?",
                        "Go down to zero first. What is left goes on below zero.",
                        "From " + middle + " down to zero it takes " + middle + " of the " + down + "."))
                .part(point(s, start, middle, end))
                .step("Up is adding. It begins at $" + start + "$.", start + " + " + up)
                .step("To zero it takes " + -start + " of the " + up + ". The rest goes on from zero.", "0 + " + middle)
                .step("So far:", middle + "")
                .step("Down is taking away.", middle + " - " + down + " = " + end)
                .build();
    }

    private static Part ways(Draw draw) {
        return Asks.pick(
                "Choose the word.",
                "A number below zero has a minus sign. Warmer means {{pick}} on the scale.",
                Choices.right("up")
                        .wrong("down", "down-for-up", "Which way does a thermometer go when the sun comes out?")
                        .wrong("towards zero, and no further", "stops-at-zero", "Zero is only one mark on the way."),
                draw,
                "Think of the thread in a thermometer.",
                "The warmer it is, the higher it stands, also below zero.",
                "At dawn it is cold. When the sun comes out the thread rises.");
    }

    private static Part zero(Story s, int start, int up) {
        return Asks.whole(
                "How many " + s.unit() + " are there from $" + start + "$ up to zero?",
                "From the start to zero",
                -start,
                Wrong.of(up, "whole-way", "That is the whole way up. How far is it to zero?"),
                "Count the marks from the start to zero.",
                "How far a number lies from zero is its size without the sign.",
                "Count up by ones from $" + start + "$ until you are at zero.");
    }

    private static Part point(Story s, int start, int middle, int end) {
        List<Figure.Drawn> drawn =
                List.of(new Figure.Drawn.Point(0, start, s.start()), new Figure.Drawn.Point(2, middle, s.middle()));
        Figure.Grid grid = new Figure.Grid(
                "A grid with what was shown: (0, " + start + ") for " + s.start() + " and (2, " + middle + ") for "
                        + s.middle() + ".",
                0,
                EDGE,
                -EDGE,
                EDGE,
                1,
                drawn);
        return Asks.point(
                "Time goes to the right: " + s.start() + " is at 0, " + s.middle() + " at 2. Put in the point for "
                        + s.end() + ", at 4.",
                "Point for " + s.end(),
                grid,
                "(4, " + end + ")",
                new Wrong("(4, " + -end + ")", "sign", "Numbers below zero lie below the line for zero."),
                "How high is the point for the first one, and how far to the right?",
                "To the right goes the time, here 4; up or down goes what is shown.",
                "Go 4 to the right, and then below the line for zero.");
    }
}
