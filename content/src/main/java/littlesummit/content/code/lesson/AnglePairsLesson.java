package littlesummit.content.code.lesson;

import java.util.List;
import littlesummit.content.code.lesson.Asks.Spot;
import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.content.code.shape.AnglePairs;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Beside or opposite: two relations that give every angle of a crossing. */
public final class AnglePairsLesson extends GuidedLesson {
    public AnglePairsLesson() {
        super(new AnglePairs(), "Lesson: angles at a crossing");
    }

    @Override
    public int version() {
        return 3;
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        int a = draw.between(25, 155, n -> Math.abs(n - 90) > 8);
        int turn = draw.between(0, 4) * 10;
        Figure.Angles figure = new Figure.Angles(
                "Two straight lines cross. One angle measures " + a + " degrees, x lies opposite it, y lies beside it.",
                List.of(new Figure.Ray(turn, "", true), new Figure.Ray(turn + a, "", true)),
                List.of(
                        new Figure.Arc(turn, turn + a, a + "°", false),
                        new Figure.Arc(turn + 180, turn + 180 + a, "x", false),
                        new Figure.Arc(turn + a, turn + 180, "y", false)));
        Items item = Items.of(ref)
                .text(
                        guided
                                ? "Two trails cross. Both are straight. One angle at the crossing measures " + a + "°."
                                : "Two straight beams of the hut's roof cross. One angle between them measures " + a
                                        + "°.")
                .picture(figure);
        if (guided) {
            item.part(Asks.pick(
                            "Choose the relation.",
                            "Angle y and the given angle {{pick}}.",
                            Choices.right("lie beside each other on a straight line")
                                    .wrong("lie opposite each other", "opposite-for-beside", "Do they share a side?")
                                    .wrong(
                                            "make a right angle",
                                            "right-angle",
                                            "There is no square mark at this crossing."),
                            draw,
                            "Do they share one side?",
                            "Two that share a side and fill a straight line lie beside each other.",
                            "Follow the straight line: the given angle and y fill it."))
                    .part(Asks.whole(
                            "How many degrees do they make together?",
                            "Degrees together",
                            180,
                            Wrong.of(90, "right-angle", "That is a right angle. What is a straight line?"),
                            "Half a turn.",
                            "A full turn has 360 degrees; a straight line is half of it.",
                            "Halve 360."));
        }
        return item.part(straight(a, draw))
                .part(Asks.whole(
                        "How large is y, in degrees?",
                        "Angle y",
                        180 - a,
                        Wrong.of(a, "opposite-for-beside", "Angle y lies beside the given one, not opposite."),
                        "Together with the given angle it fills a straight line.",
                        "Take the given angle from 180 degrees.",
                        "Take " + a + " from 180."))
                .part(Asks.whole(
                        "How large is x, in degrees?",
                        "Angle x",
                        a,
                        Wrong.of(180 - a, "beside-for-opposite", "Angle x lies opposite the given one, not beside."),
                        "Does x lie beside the given angle or opposite?",
                        "Opposite angles at a crossing are equal.",
                        "x and y fill a straight line too."))
                .step("Angle y and the given one fill a straight line.", "y = 180 - " + a)
                .step("Work it out.", "y = " + (180 - a))
                .step("Angle x and y fill a straight line too, so x is as large as the given one.", "x = " + a)
                .build();
    }

    private static Part straight(int a, Draw draw) {
        double given = Math.clamp(a, 45, 135);
        Figure.Bar bar = new Figure.Bar(
                "A bar for the straight line, with a place for its label, and two pieces: the given angle and the angle"
                        + " beside it.",
                "{{total}}",
                List.of(
                        new Figure.Piece(given, "given", true, "given"),
                        new Figure.Piece(180 - given, "beside it", false, "beside")));
        return Asks.onBar(
                "A straight line is laid out as a bar. Place its labels.",
                bar,
                List.of(
                        new Spot("total", "the straight line", "180°"),
                        new Spot("given", "the given angle", a + "°"),
                        new Spot("beside", "the angle beside it", "y")),
                "Look at this place again: is it the straight line, the given angle, or the one beside it?",
                draw,
                "Which of them is made of the other two?",
                "The whole bar stands for the straight line; its two pieces are the angles beside each other.",
                "The shaded piece is the angle that the text gives you.");
    }
}
