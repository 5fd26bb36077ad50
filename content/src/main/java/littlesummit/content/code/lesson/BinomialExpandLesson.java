package littlesummit.content.code.lesson;

import java.util.List;
import littlesummit.content.code.function.BinomialExpand;
import littlesummit.content.code.lesson.Asks.Cell;
import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A cube of a binomial, term by term: coefficients, powers, then the whole. */
public final class BinomialExpandLesson extends GuidedLesson {
    public BinomialExpandLesson() {
        super(new BinomialExpand(), "Lesson: a power of a sum, term by term");
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        int c = draw.between(2, 19);
        String letter = draw.oneOf("x", "y", "a");
        int square = c * c;
        int cube = square * c;
        Items item = Items.of(ref)
                .text(
                        guided
                                ? "The dairy presses a new cheese: a cube whose edges are $" + letter + " + " + c
                                        + "$ centimetres long. Multiply out its volume."
                                : "Multiply out.")
                .formula("\\left(" + letter + " + " + c + "\\right)^{3}");
        if (guided) {
            item.part(Asks.choose(
                            "Which row of Pascal's triangle gives the coefficients of a third power?",
                            Choices.right("1, 3, 3, 1")
                                    .wrong("1, 2, 1", "row-before", "That row is for a square.")
                                    .wrong("1, 1, 1, 1", "no-coefficients", "Mixed terms come more than once."),
                            draw,
                            "How many terms has a third power?",
                            "One term more than the exponent.",
                            "Each number is the sum of the two above it: 1, 1 + 2, 2 + 1, 1."))
                    .part(term(
                            "The second term is 3 times the square of the letter times " + c
                                    + ". What is its coefficient?",
                            3 * c,
                            Wrong.of(c, "coefficient-lost", "The row of the triangle gives a factor too."),
                            3 + " times " + c + "."))
                    .part(term(
                            "The third term is 3 times the letter times the square of " + c
                                    + ". What is its coefficient?",
                            3 * square,
                            Wrong.of(3 * c, "not-squared", "Here the number is squared."),
                            "First square " + c + "."));
        }
        item.part(table(c, letter));
        String expanded = letter + "^3+" + 3 * c + letter + "^2+" + 3 * square + letter + "+" + cube;
        return item.part(term(
                        "The last term is the cube of " + c + ". What is it?",
                        cube,
                        Wrong.of(3L * c, "times-for-power", "That is three times it. A cube multiplies it by itself."),
                        c + " times " + c + " times " + c + "."))
                .part(Asks.number(
                        "Write the whole expansion.",
                        "Expansion",
                        "multiplied out, like terms together",
                        AnswerSpec.of(Kind.EXPRESSION, Form.Shape.EXPANDED, expanded)
                                .withLetters(letter),
                        new Wrong(
                                letter + "^3+" + cube,
                                "ends-only",
                                "Only the ends are there. A power of a sum has terms in between."),
                        "There are four terms.",
                        "Powers of the letter go down by one, powers of the number up by one.",
                        "It starts with the cube of the letter, then " + 3 * c + " times its square."))
                .step(
                        "The coefficients 1, 3, 3, 1; powers of the letter go down, of the number up.",
                        letter + "^{3} + 3\\cdot " + letter + "^{2}\\cdot " + c + " + 3\\cdot " + letter + "\\cdot " + c
                                + "^{2} + " + c + "^{3}")
                .step(
                        "Work out each term.",
                        letter + "^{3} + " + 3 * c + letter + "^{2} + " + 3 * square + letter + " + " + cube)
                .given("(" + letter + "+" + c + ")^3")
                .second(
                        "As a product",
                        new Block.Text(
                                "Each of the three factors gives either the letter or the number. Exactly one of them"
                                        + " gives the number in three ways: that is the 3."))
                .build();
    }

    /** The square times the sum, as a table of products in which like ones stand on a slant. */
    private static Part table(int c, String letter) {
        int square = c * c;
        String times = "Multiply the number on the left by the number above.";
        return Asks.cells(
                "The square is $" + letter + "^{2} + " + 2 * c + letter + " + " + square
                        + "$. Multiply it by the sum once more: fill in the coefficients.",
                List.of("times", "$" + letter + "^{2}$", "$" + 2 * c + letter + "$", "$" + square + "$"),
                List.of(
                        List.of("$" + letter + "$", "$1$", "{{middle}}", "{{end}}"),
                        List.of("$" + c + "$", "{{first}}", "{{second}}", "the cube of $" + c + "$")),
                List.of(
                        new Cell(
                                "middle", letter + " times " + 2 * c + letter, 2L * c, Wrong.of(c, "row-above", times)),
                        new Cell("end", letter + " times " + square, square, Wrong.of(2L * c, "row-above", times)),
                        new Cell("first", c + " times the square of " + letter, c, Wrong.of(1, "row-above", times)),
                        new Cell(
                                "second",
                                c + " times " + 2 * c + letter,
                                2L * square,
                                Wrong.of(3L * c, "added", "Those were added. A table of products multiplies."))),
                "Each cell is what stands on its left times what stands above it.",
                "The first row keeps the numbers of the square; the second row has each of them " + c + " times.",
                "Begin with the upper row: the letter times some of it keeps how many there are.");
    }

    private static Part term(String prompt, long answer, Wrong wrong, String last) {
        return Asks.whole(
                prompt,
                "Number",
                answer,
                wrong,
                "Read the term from left to right.",
                "Multiply the numbers of the term.",
                last);
    }
}
