package littlesummit.content.code.lesson;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import littlesummit.content.code.lesson.Asks.Spot;
import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.content.template.Templates;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A level balance is an equation: what is done to one pan is done to the other. */
public final class BalanceLesson extends GuidedLesson {
    /**
     * @param text the situation, with places for how many and the mass
     * @param one a single thing
     * @param many several of them
     */
    private record Story(String text, String one, String many) {}

    private static final Story CHEESES = new Story(
            "The dairy's balance is level: on the left lie %d cheeses that all weigh the same, on the right %d"
                    + " kilograms.",
            "cheese", "cheeses");
    private static final Story SACKS = new Story(
            "At the mill %d sacks of meal that all weigh the same hold the balance against %d kilograms.",
            "sack", "sacks");

    public BalanceLesson() {
        super(Templates.skill("one-step-multiplication"), "Lesson: an equation is a balance");
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        Story s = guided ? CHEESES : SACKS;
        int n = draw.between(3, 6);
        int x = draw.between(2, 12, k -> k != n);
        int all = n * x;
        Items item = Items.of(ref)
                .text(s.text().formatted(n, all))
                .picture(new Figure.Balance(
                        "A level balance: left " + n + " boxes of x, right " + all + ".",
                        Collections.nCopies(n, "x"),
                        List.of(String.valueOf(all)),
                        true));
        if (guided) {
            item.part(unknown(s, draw));
        }
        item.part(equation(n, all, s, draw));
        if (guided) {
            item.part(Asks.choose(
                    "What leaves the balance level and a single " + s.one() + " on the left?",
                    Choices.right("take the same share of both pans")
                            .wrong(
                                    "take the same number of kilograms from both pans",
                                    "subtracts",
                                    "That leaves it level, but how many lie on the left then?")
                            .wrong(
                                    "take all but one " + s.one() + " from the left pan",
                                    "one-side",
                                    "Then the left pan is lighter. Does it stay level?"),
                    draw,
                    "What happens to one pan must happen to the other.",
                    "There are " + n + " alike on the left. Share both pans out into so many equal heaps.",
                    "One heap of the left pan is one " + s.one() + ". What is the right pan shared out into?"));
        }
        return item.part(bar(n, all, s, draw))
                .part(Asks.whole(
                        "How many kilograms does one " + s.one() + " weigh?",
                        "One " + s.one(),
                        x,
                        Wrong.of(
                                all - n,
                                "subtracted",
                                "That takes " + n + " away. The " + s.many() + " share the mass."),
                        "All the " + s.many() + " share " + all + " kilograms evenly.",
                        "Divide both sides of the equation by the number in front of $x$.",
                        "Share " + all + " kilograms out over " + n + " " + s.many() + "."))
                .step("Level means equal: both pans weigh the same.", n + "x = " + all)
                .step("Divide both sides by " + n + ".", "x = \\frac{" + all + "}{" + n + "}")
                .step("Work it out.", "x = " + x)
                .given(n + "x=" + all)
                .build();
    }

    private static Part unknown(Story s, Draw draw) {
        return Asks.pick(
                "Say what x is.",
                "The letter $x$ stands for {{pick}}.",
                Choices.right("how many kilograms one " + s.one() + " weighs")
                        .wrong(
                                "how many " + s.many() + " there are",
                                "letter-as-count",
                                "How many there are is known. What is not?")
                        .wrong(
                                "a " + s.one(),
                                "letter-as-thing",
                                "A letter stands for a number. Which number is it here?"),
                draw,
                "What does nobody know yet?",
                "A letter stands for a number that is not known yet.",
                "Each box on the left is marked with the letter. What of it is looked for?");
    }

    private static Part equation(int n, int all, Story s, Draw draw) {
        return Asks.choose(
                "Which equation says that the balance is level?",
                Choices.right("$" + n + "x = " + all + "$")
                        .wrong(
                                "$x + " + n + " = " + all + "$",
                                "added",
                                "There is not one and " + n + " kilograms. There are " + n + " alike.")
                        .wrong(
                                "$x = " + n + " \\cdot " + all + "$",
                                "turned-round",
                                "Then one alone would weigh more than all of them."),
                draw,
                "What lies on the left, and what on the right?",
                "Write down each pan, and an equals sign between them.",
                "On the left lies the same mass " + n + " times.");
    }

    /** The right pan as a bar that is shared out. */
    private static Part bar(int n, int all, Story s, Draw draw) {
        List<Figure.Piece> pieces = new ArrayList<>(Collections.nCopies(n - 1, new Figure.Piece(1, "", false, "")));
        pieces.addFirst(new Figure.Piece(1, "", true, "one"));
        Figure.Bar bar = new Figure.Bar(
                "A bar for the whole mass with a place for its label, cut into pieces, one of them with a place for a"
                        + " label.",
                "{{total}}",
                pieces);
        return Asks.onBar(
                "The bar stands for the right pan. Its shaded piece is one " + s.one() + ". Place the labels.",
                bar,
                List.of(
                        new Spot("total", "the whole bar", all + " kilograms"),
                        new Spot("one", "the shaded piece", "x")),
                "Look at this place again: is it one of them, or all together?",
                draw,
                "Which of the labels stands for everything?",
                "The whole bar is what lies on the right pan.",
                "One piece of it is what you look for.");
    }
}
