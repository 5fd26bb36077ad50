package littlesummit.content.code.function;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/**
 * The other way round: a function from what its graph is to show.
 *
 * @param shape without a hole
 * @param wanted what the graph is to show, for the stem
 */
record RationalBuilt(RationalShape shape, String wanted) {
    static Item make(ItemRef ref, String frame, Draw draw) {
        List<Integer> p = draw.shuffled(List.of(-6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6));
        int factor = draw.between(-4, 4, n -> n != 0);
        RationalBuilt built =
                switch (draw.between(1, 3)) {
                    case 1 -> oneZero(RationalShape.of(factor, List.of(p.get(0)), List.of(p.get(1))));
                    case 2 ->
                        touching(RationalShape.of(factor, List.of(p.get(0), p.get(0)), List.of(p.get(1), p.get(2))));
                    default -> fading(p.get(0), p.get(1), factor);
                };
        return built.item(ref, frame);
    }

    private static RationalBuilt oneZero(RationalShape s) {
        return new RationalBuilt(
                s,
                "Its only vertical asymptote is $x = " + s.poles().getFirst() + "$, it crosses the x-axis only at $x = "
                        + s.zeros().getFirst() + "$, and far out it comes close to $y = " + s.factor() + "$.");
    }

    private static RationalBuilt touching(RationalShape s) {
        return new RationalBuilt(
                s,
                "Its vertical asymptotes are " + RationalGraph.places(s.polesOnce())
                        + ", it meets the x-axis only at $x = " + s.zeros().getFirst()
                        + "$ and turns back there, and far out it comes close to $y = " + s.factor() + "$.");
    }

    /** The height is chosen so that a whole number stands above. */
    private static RationalBuilt fading(int pole, int x, int height) {
        return new RationalBuilt(
                RationalShape.of(height * (x - pole), List.of(), List.of(pole)),
                "Its only vertical asymptote is $x = " + pole
                        + "$, it never meets the x-axis but comes close to it far out, and it goes through $(" + x
                        + ", " + height + ")$.");
    }

    private String entry(RationalShape s) {
        return "(" + s.above(List.of()) + ")/(" + s.below(List.of()) + ")";
    }

    private Item item(ItemRef ref, String frame) {
        String bottom = RationalShape.latex(shape.below(List.of()));
        return Items.of(ref)
                .text(frame.formatted(wanted))
                .part(part())
                .step("The vertical asymptotes tell which factors stand below: $" + bottom + "$.", "")
                .step(
                        shape.zeros().isEmpty()
                                ? "It never meets the x-axis, so a number alone stands above."
                                : "Where it meets the x-axis the top is zero: $"
                                        + RationalShape.productLatex(1, shape.zeros())
                                        + (shape.zeros().size() == 2
                                                ? "$. It turns back there, so the factor occurs twice."
                                                : "$."),
                        "")
                .step(
                        shape.zeros().isEmpty()
                                ? "Put in the point that it goes through: that gives the number above, $"
                                        + shape.factor() + "$."
                                : "Top and bottom have the same degree, so the factor in front of the top is the height"
                                        + " far out.",
                        "\\frac{" + RationalShape.latex(shape.above(List.of())) + "}{" + bottom + "}")
                .given("")
                .second(
                        "Seen in the graph",
                        new Block.Text("Every sentence of the item can be seen in the picture."),
                        new Block.Picture(RationalGraph.of(shape)))
                .build();
    }

    private Part part() {
        AnswerSpec answer = AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, entry(shape));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        entry(shape.turned()),
                        "signs-turned",
                        "Put the places in: is the bottom zero at the asymptote, and the top where it meets the axis?")
                .addIf(
                        !shape.zeros().isEmpty(),
                        "(" + shape.below(List.of()) + ")/(" + shape.above(List.of()) + ")",
                        "upside-down",
                        "It looks as if top and bottom have changed places.")
                .add(
                        entry(new RationalShape(1, shape.zeros(), shape.poles(), List.of(), 0)),
                        "height-left-out",
                        "Zeros and asymptotes are right. Now look at the height that is asked for.")
                .addIf(
                        shape.zeros().size() == 2,
                        entry(shape.withZeros(shape.zerosOnce())),
                        "crosses",
                        "Does the graph of this one turn back at the x-axis, or cross it?");
        Field field = Field.typed("function", "f(x) =", "a fraction with $x$", answer, mistakes.list());
        return Part.of(
                "Write the simplest such function.",
                field,
                "Which factor makes a vertical asymptote, and which one a zero?",
                "A factor below is zero at an asymptote, a factor above where the graph meets the x-axis. What is left"
                        + " to choose is a number in front.",
                "Begin with the bottom: which factor is zero at $x = "
                        + shape.poles().getFirst() + "$?");
    }
}
