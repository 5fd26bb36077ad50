package littlesummit.content.code.lesson;

import java.util.List;
import littlesummit.content.code.equation.SolutionCount;
import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** What grows by the same in every step: how fast, from where, and whether two of them ever meet. */
public final class SlopeTableLesson extends GuidedLesson {
    /**
     * @param text the situation
     * @param time what is counted to the right
     * @param amount what grows
     * @param a name of the first
     * @param b name of the second
     */
    private record Story(String text, String time, String amount, String a, String b) {}

    private static final Story TROUGHS = new Story(
            "Two springs fill two troughs for the goats. The table shows how many litres each trough holds.",
            "minute",
            "litres",
            "larch trough",
            "stone trough");
    private static final Story JARS = new Story(
            "Two cousins save for a sledge. The table shows how many dollars are in each jar.",
            "week",
            "dollars",
            "blue jar",
            "green jar");

    /**
     * How an amount grows.
     *
     * @param slope how much more in every step
     * @param start at step 0
     */
    private record Growth(int slope, int start) {
        int at(int x) {
            return slope * x + start;
        }

        String latex() {
            return (slope == 1 ? "" : slope) + "x + " + start;
        }
    }

    public SlopeTableLesson() {
        super(new SolutionCount(), "Lesson: how fast it grows, and where two meet");
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        Story s = guided ? TROUGHS : JARS;
        int slope = draw.between(2, 4);
        Growth a = new Growth(slope, draw.between(1, 5, n -> n != slope));
        boolean never = draw.coin();
        int other = never ? slope : draw.between(1, slope - 1);
        int later = a.start() + draw.between(1, 4);
        Growth b = new Growth(other, later);
        Items item = Items.of(ref)
                .text(s.text())
                .table(List.of(s.time(), "0", "2", "4"), List.of(row(s.a(), a), row(s.b(), b)));
        if (guided) {
            item.part(Asks.whole(
                    "How many " + s.amount() + " come into the " + s.a() + " from " + s.time() + " 0 to " + s.time()
                            + " 4?",
                    "Gained in 4 steps",
                    4L * a.slope(),
                    Wrong.of(a.at(4), "end-for-gain", "That is how much is there in the end. How much came in?"),
                    "What was there at first, and what at last?",
                    "Take what was there at first from what is there at last.",
                    "At first there were " + a.start() + "."));
        }
        item.part(Asks.whole(
                "How many " + s.amount() + " come into the " + s.a() + " in every " + s.time() + "?",
                "In every " + s.time(),
                a.slope(),
                Wrong.of(2L * a.slope(), "step-of-two", "That is for two of them: the table goes 0, 2, 4."),
                "How far apart are two columns of the table?",
                "Divide how much comes in by how many steps it takes.",
                "From 0 to 2 are two steps. What comes in meanwhile?"));
        item.part(point(s, a));
        if (guided) {
            item.part(rule(s, a, draw));
        }
        return item.part(Asks.choose(
                        "With $x$ for the " + s.time() + ", both hold the same when $" + a.latex() + " = " + b.latex()
                                + "$. How often does that happen?",
                        Choices.right(never ? "never" : "once")
                                .wrong(
                                        never ? "once" : "never",
                                        "speeds",
                                        "Compare how fast they grow. Does one of them catch up?")
                                .wrong("always", "starts", "They do not begin with the same."),
                        draw,
                        "Which one is ahead at first, and which one grows faster?",
                        "Two that grow equally fast stay equally far apart. A faster one catches up with one ahead.",
                        "At first the " + s.b() + " is ahead by " + (later - a.start()) + "."))
                .step("From 0 to 4 the " + s.a() + " gains:", a.at(4) + " - " + a.start() + " = " + 4 * a.slope())
                .step("That is in four steps. In one step it gains:", "\\frac{" + 4 * a.slope() + "}{4} = " + a.slope())
                .step(
                        "One step after " + s.time() + " 2 it holds that much more, and this is the point for 3.",
                        a.at(2) + " + " + a.slope() + " = " + a.at(3))
                .step(
                        "At " + s.time() + " $x$ that has come in $x$ times, on top of the " + a.start()
                                + " from the beginning: $" + a.latex() + "$.",
                        "")
                .step(
                        never
                                ? "Both grow by " + a.slope() + " in every step, so they stay " + (later - a.start())
                                        + " apart and are never the same."
                                : "The " + s.a() + " grows by " + a.slope() + ", the " + s.b() + " by " + other
                                        + " in every step. The first begins behind and catches up, once.",
                        "")
                .build();
    }

    private static List<String> row(String name, Growth g) {
        return List.of(name, String.valueOf(g.at(0)), String.valueOf(g.at(2)), String.valueOf(g.at(4)));
    }

    private static Part rule(Story s, Growth a, Draw draw) {
        return Asks.choose(
                "How many " + s.amount() + " does the " + s.a() + " hold at " + s.time() + " $x$?",
                Choices.right("$" + a.latex() + "$")
                        .wrong(
                                "$" + new Growth(a.start(), a.slope()).latex() + "$",
                                "swapped",
                                "Try it with 0 for $x$: is that what the table shows?")
                        .wrong("$" + a.at(2) + "x$", "no-start", "Try it with 0 for $x$: was it empty?")
                        .wrong(
                                "$" + new Growth(2 * a.slope(), a.start()).latex() + "$",
                                "step-of-two",
                                "Try it with 2 for $x$: is that what the table shows?"),
                draw,
                "Try each of them with 0 and with 2.",
                "What comes in at every step stands before $x$; what was there at first is added.",
                "For 0 it has to give " + a.start() + ".");
    }

    private static Part point(Story s, Growth a) {
        Figure.Grid grid = new Figure.Grid(
                "A grid with the points (0, " + a.at(0) + "), (2, " + a.at(2) + ") and (4, " + a.at(4) + ") of the "
                        + s.a() + ".",
                0,
                10,
                0,
                22,
                1,
                List.of(
                        new Figure.Drawn.Point(0, a.at(0), ""),
                        new Figure.Drawn.Point(2, a.at(2), ""),
                        new Figure.Drawn.Point(4, a.at(4), "")));
        return Asks.point(
                "The points show the " + s.a() + ". Put in the one for " + s.time() + " 3.",
                "Point for " + s.time() + " 3",
                grid,
                "(3, " + a.at(3) + ")",
                new Wrong("(" + a.at(3) + ", 3)", "swapped", "The first number goes to the right, the second one up."),
                "It lies on a straight line with the others.",
                "Go as far up from the point at 2 as in every step.",
                "From the point at 2, go one to the right and then up by what comes in.");
    }
}
