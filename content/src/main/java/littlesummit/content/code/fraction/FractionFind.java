package littlesummit.content.code.fraction;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** All pictures of one fraction among five. */
final class FractionFind {
    private static final List<String> IDS = List.of("a", "b", "c", "d", "e");

    private FractionFind() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int den = draw.between(3, 8);
        int num = draw.between(1, den - 1, n -> 2 * n != den);
        List<Figure.FractionPicture> right = new ArrayList<>(List.of(
                Parts.picture(Figure.Shape.BAR, 1, Parts.equal(den), num),
                Parts.picture(Figure.Shape.CIRCLE, 1, Parts.equal(den), num)));
        if (draw.coin()) {
            right.set(1, Parts.picture(Figure.Shape.BAR, 1, Parts.equal(2 * den), 2 * num));
        }
        List<Figure.FractionPicture> wrong = new ArrayList<>();
        wrong.add(Parts.picture(Figure.Shape.BAR, 1, Parts.uneven(den), num));
        wrong.add(Parts.picture(Figure.Shape.CIRCLE, 1, Parts.equal(den), den - num));
        wrong.add(Parts.picture(Figure.Shape.BAR, 1, Parts.equal(num + den), num));
        List<String> ids = draw.shuffled(IDS);
        List<Option> options = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            options.add(Option.of(ids.get(i), "", i < 2 ? right.get(i) : wrong.get(i - 2)));
        }
        options.sort(Comparator.comparing(Option::id));
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
                        "part-to-part",
                        "There the shaded parts are compared with the white ones, not with all.")
                .add(ids.get(0), "missed-one", "There is one more. Other pictures can show the same fraction.");
        Field field = new Field(
                "pictures",
                "Pictures of " + num + "/" + den,
                "",
                new Response.ChooseAll(options),
                answer,
                List.of(mistakes.list()));
        Items item = Items.of(ref)
                .text(frame.formatted(Parts.tex(num, den)))
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
}
