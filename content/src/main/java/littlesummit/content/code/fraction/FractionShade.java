package littlesummit.content.code.fraction;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/**
 * A fraction to be shaded.
 *
 * @param wholes how many are there
 * @param cut into how many times as many parts as the fraction says one whole is cut
 */
record FractionShade(int num, int den, int wholes, int cut, Figure.Shape shape) {
    static Item one(ItemRef ref, String frame, Draw draw) {
        int den = draw.between(3, 8);
        return new FractionShade(draw.between(1, den - 1), den, 1, 1, shape(draw)).item(ref, frame);
    }

    static Item finer(ItemRef ref, String frame, Draw draw) {
        int den = draw.between(3, 6);
        int cut = den > 4 ? 2 : draw.between(2, 3);
        return new FractionShade(draw.between(1, den - 1, n -> 2 * n != den), den, 1, cut, shape(draw))
                .item(ref, frame);
    }

    static Item above(ItemRef ref, String frame, Draw draw) {
        int den = draw.between(3, 6);
        int num = draw.between(den + 1, 3 * den - 1, n -> n % den != 0);
        return new FractionShade(num, den, num / den + 1, 1, shape(draw)).item(ref, frame);
    }

    private static Figure.Shape shape(Draw draw) {
        return draw.coin() ? Figure.Shape.BAR : Figure.Shape.CIRCLE;
    }

    private int parts() {
        return den * cut;
    }

    private Item item(ItemRef ref, String frame) {
        Items item = Items.of(ref)
                .text(frame.formatted(Parts.tex(num, den), Parts.thing(shape, wholes)))
                .part(Part.of("Choose the parts to shade.", field(), hints()));
        if (cut > 1) {
            item.step(
                            "There are " + parts() + " parts, so each of the " + den + " equal shares is " + cut
                                    + " of them.",
                            "\\frac{" + num + "}{" + den + "} = \\frac{" + num + "\\cdot " + cut + "}{" + den
                                    + "\\cdot " + cut + "}")
                    .step("Shade so many parts:", "\\frac{" + num * cut + "}{" + parts() + "}");
        } else {
            item.step(
                            "One whole is cut into " + den + " equal parts; each is one of " + den + ".",
                            num + "\\cdot \\frac{1}{" + den + "}")
                    .step("Take " + num + " of them.", "\\frac{" + num + "}{" + den + "}");
        }
        return item.given(num + "*1/" + den).build();
    }

    private Field field() {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.ANY, num + "/" + den);
        int right = num * cut;
        int unshaded = wholes * parts() - right;
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        unshaded != right,
                        unshaded + "/" + parts(),
                        "unshaded",
                        "It looks as if the parts left white make the fraction. Shade the ones that count.")
                .addIf(
                        cut > 1,
                        num + "/" + parts(),
                        "top-counted",
                        "It looks as if the top number was counted. How many of these parts make one of the equal"
                                + " shares?")
                .addIf(
                        right + 1 <= wholes * parts(),
                        right + 1 + "/" + parts(),
                        "one-more",
                        "One part too many. Count the shaded ones.")
                .addIf(
                        right > 1 && !(cut > 1 && right - 1 == num),
                        right - 1 + "/" + parts(),
                        "one-less",
                        "One part is missing. Count the shaded ones.");
        return new Field(
                "shade",
                "Shade " + num + "/" + den,
                "",
                new Response.Shade(Parts.picture(shape, wholes, Parts.equal(parts()), 0)),
                answer,
                List.of(mistakes.list()));
    }

    private String[] hints() {
        return cut > 1
                ? new String[] {
                    "Into how many equal parts is the whole cut here?",
                    "Put the parts together to " + den + " equal shares. The top number says how many shares count.",
                    "There are " + parts() + " parts. Share them out evenly to " + den + "."
                }
                : new String[] {
                    "Into how many equal parts is one whole cut?",
                    "The bottom number says into how many equal parts a whole is cut, the top number how many of them"
                            + " count.",
                    "One part is $\\frac{1}{" + den + "}$. You need " + num + " of them."
                };
    }
}
