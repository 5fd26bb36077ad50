package littlesummit.content.code.fraction;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** Fractions as pictures: shade one, or find all pictures of one; on the third level above one whole. */
public final class FractionPicture extends SkillDefinition {
    private static final List<String> IDS = List.of("a", "b", "c", "d", "e");

    public FractionPicture() {
        super("fraction-picture", "Fractions in pictures", List.of("shade", "find"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int den = draw.between(3, Grounds.of(ref.tier(), 6, 8, 6));
        boolean above = ref.tier() == 3;
        int num = above
                ? draw.between(den + 1, 3 * den - 1, n -> n % den != 0)
                : draw.between(1, den - 1, n -> 2 * n != den || ref.tier() == 1);
        int wholes = above ? num / den + 1 : 1;
        Figure.Shape shape = draw.coin() ? Figure.Shape.BAR : Figure.Shape.CIRCLE;
        return ref.variant().equals("shade") ? shade(ref, num, den, wholes, shape) : find(ref, num, den, wholes, draw);
    }

    private static Figure.FractionPicture picture(Figure.Shape shape, int wholes, List<Double> cuts, int shaded) {
        boolean equal = cuts.stream().distinct().count() == 1;
        String what = (shape == Figure.Shape.BAR ? wholes == 1 ? "bar" : "bars" : wholes == 1 ? "circle" : "circles");
        String alt = (wholes == 1 ? "A " + what : wholes + " " + what) + " cut into " + cuts.size()
                + (equal ? " equal parts" : " parts of different size") + (wholes == 1 ? "" : " each") + ", "
                + (shaded == 0 ? "none" : String.valueOf(shaded)) + " shaded.";
        return new Figure.FractionPicture(alt, shape, wholes, cuts, shaded);
    }

    private static List<Double> equal(int parts) {
        return Collections.nCopies(parts, 1.0);
    }

    private Item shade(ItemRef ref, int num, int den, int wholes, Figure.Shape shape) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.ANY, num + "/" + den);
        int unshaded = wholes * den - num;
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        unshaded + "/" + den,
                        "unshaded",
                        "It looks as if the parts left white make the fraction. Shade the ones that count.")
                .addIf(
                        num + 1 <= wholes * den,
                        num + 1 + "/" + den,
                        "one-more",
                        "One part too many. Count the shaded ones.")
                .addIf(num > 1, num - 1 + "/" + den, "one-less", "One part is missing. Count the shaded ones.");
        Field field = new Field(
                "shade",
                "Shade " + num + "/" + den,
                "",
                new Response.Shade(picture(shape, wholes, equal(den), 0)),
                answer,
                List.of(mistakes.list()));
        return finish(
                Items.of(ref)
                        .text("Shade $\\frac{" + num + "}{" + den + "}$ "
                                + (wholes > 1
                                        ? shape == Figure.Shape.BAR ? "cheese boards." : "cheeses."
                                        : shape == Figure.Shape.BAR ? "of a cheese board." : "of a cheese.")
                                + (wholes > 1
                                        ? " Each " + (shape == Figure.Shape.BAR ? "bar" : "circle") + " is one whole."
                                        : ""))
                        .part(Part.of("Choose the parts to shade.", field, hints(num, den))),
                num,
                den);
    }

    private static String[] hints(int num, int den) {
        return new String[] {
            "Into how many equal parts is one whole cut?",
            "The bottom number says into how many equal parts a whole is cut, the top number how many of them count.",
            "One part is $\\frac{1}{" + den + "}$. You need " + num + " of them."
        };
    }

    private static Item finish(Items item, int num, int den) {
        return item.step(
                        "One whole is cut into " + den + " equal parts; each is one of " + den + ".",
                        num + "\\cdot \\frac{1}{" + den + "}")
                .step("Take " + num + " of them.", "\\frac{" + num + "}{" + den + "}")
                .given(num + "*1/" + den)
                .build();
    }

    private Item find(ItemRef ref, int num, int den, int wholes, Draw draw) {
        boolean above = ref.tier() == 3;
        List<Figure.FractionPicture> right = new ArrayList<>(List.of(
                picture(Figure.Shape.BAR, wholes, equal(den), num),
                picture(Figure.Shape.CIRCLE, wholes, equal(den), num)));
        if (!above && draw.coin()) {
            right.set(1, picture(Figure.Shape.BAR, 1, equal(2 * den), 2 * num));
        }
        List<Figure.FractionPicture> wrong = new ArrayList<>();
        wrong.add(picture(Figure.Shape.BAR, wholes, uneven(den), num));
        wrong.add(picture(
                Figure.Shape.CIRCLE, wholes, equal(den), 2 * num == wholes * den ? num + 1 : wholes * den - num));
        wrong.add(
                above
                        ? picture(Figure.Shape.BAR, 1, equal(wholes * den), num)
                        : picture(Figure.Shape.BAR, 1, equal(num + den), num));
        List<String> ids = draw.shuffled(IDS);
        List<Option> options = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            options.add(Option.of(ids.get(i), "", i < 2 ? right.get(i) : wrong.get(i - 2)));
        }
        options.sort(java.util.Comparator.comparing(Option::id));
        String key = ids.get(0) + "," + ids.get(1);
        AnswerSpec answer = AnswerSpec.choice(key, IDS);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        key + "," + ids.get(2),
                        "unequal-parts",
                        "In one of them the parts are not equally large. Then they cannot be counted like that.")
                .add(key + "," + ids.get(3), "unshaded", "In one of them the white parts were counted.")
                .add(
                        key + "," + ids.get(4),
                        above ? "parts-of-all" : "part-to-part",
                        above
                                ? "What is one whole there? The parts of all of them were counted together."
                                : "There the shaded parts are compared with the white ones, not with all.")
                .add(ids.get(0), "missed-one", "There is one more. Other pictures can show the same fraction.");
        Field field = new Field(
                "pictures",
                "Pictures of " + num + "/" + den,
                "",
                new Response.ChooseAll(options),
                answer,
                List.of(mistakes.list()));
        Items item = Items.of(ref)
                .text("Which pictures show $\\frac{" + num + "}{" + den + "}$?"
                        + (above ? " Each bar or circle is one whole." : ""))
                .part(Part.of(
                        "Choose all that fit.",
                        field,
                        "In which pictures are all parts of a whole equally large?",
                        "The bottom number says into how many equal parts a whole is cut, the top number how many are"
                                + " shaded. Twice as many parts, with twice as many shaded, is the same share.",
                        "Count in each picture: how many of its parts are shaded, out of how many in one whole?"));
        right.forEach(picture -> item.step("This one fits: " + lower(picture.alt()), shares(picture)));
        return item.step("Out is the one whose parts differ in size: such parts cannot be counted together.", "")
                .step(
                        "The other two show another share: "
                                + lower(wrong.get(1).alt()) + " And: "
                                + lower(wrong.get(2).alt()),
                        "")
                .given(num + "/" + den)
                .build();
    }

    private static String lower(String sentence) {
        return sentence.substring(0, 1).toLowerCase(Locale.ROOT) + sentence.substring(1);
    }

    /** Shaded parts over the parts of one whole, and the same with smaller numbers where there are twice as many. */
    private static String shares(Figure.FractionPicture picture) {
        int parts = picture.cuts().size();
        String fraction = "\\frac{" + picture.shaded() + "}{" + parts + "}";
        boolean halves = picture.wholes() == 1 && parts % 2 == 0 && picture.shaded() % 2 == 0;
        return halves ? fraction + " = \\frac{" + picture.shaded() / 2 + "}{" + parts / 2 + "}" : fraction;
    }

    /** One part twice as wide as the others. */
    private static List<Double> uneven(int parts) {
        List<Double> cuts = new ArrayList<>(equal(parts));
        cuts.set(0, 2.2);
        cuts.set(parts - 1, 0.6);
        return cuts;
    }
}
