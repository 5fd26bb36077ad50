package littlesummit.content.code.data;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;
import littlesummit.core.skill.Tex;

/** A part of the whole, of a row or of a column of a two-way table, as a fraction or a percent. */
public final class TwoWayRead extends SkillDefinition {
    public TwoWayRead() {
        super("two-way-read", "Reading two-way tables", List.of("fraction", "percent"));
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        TwoWay t = TwoWay.draw(draw, ref.tier() == 3 ? 3 : 2, Grounds.of(ref.tier(), 24, 48, 90));
        int r = draw.between(0, t.rows().size() - 1);
        int c = draw.between(0, 1);
        int way = ref.tier() == 1 ? draw.between(0, 1) : draw.between(0, 2);
        int part = t.counts()[r][c];
        int whole =
                switch (way) {
                    case 0 -> t.total();
                    case 1 -> t.rowTotal(r);
                    default -> t.columnTotal(c);
                };
        String row = "\"" + t.rows().get(r) + "\"";
        String column = "\"" + t.columns().get(c) + "\"";
        String question =
                switch (way) {
                    case 0 -> "What part of all is both " + row + " and " + column + "?";
                    case 1 -> "Of those in the row " + row + ", what part is in " + column + "?";
                    default -> "Of those in the column " + column + ", what part is in " + row + "?";
                };
        boolean percent = ref.variant().equals("percent");
        Rational share = Rational.of(part, whole);
        AnswerSpec answer = percent
                ? AnswerSpec.number(new Form.Rounded(0, true), part + "/" + whole)
                        .withSuffix("%")
                : AnswerSpec.number(Form.Shape.FRACTION, Linear.fraction(share));
        Mistakes mistakes = Mistakes.of(answer);
        for (int other : new int[] {t.total(), t.rowTotal(r), t.columnTotal(c)}) {
            Rational wrong = Rational.of(part, other);
            mistakes.addIf(
                    other != whole,
                    percent ? Tex.plain(wrong.times(Rational.of(100)).roundHalfUp(0)) : part + "/" + other,
                    "wrong-total",
                    "Read the question again: of which whole is it a part?");
        }
        Field field = Field.typed(
                "answer",
                percent ? "Percent" : "Fraction",
                percent ? "a percent, rounded to a whole number" : "a fraction; it need not be in lowest terms",
                answer,
                mistakes.list());
        Items item = Items.of(ref)
                .text(t.about())
                .table(t.table().head(), t.table().rows())
                .part(Part.of(
                        question,
                        field,
                        "Which number is the part, and which is the whole?",
                        "The words after \"of\" name the whole: all, one row or one column.",
                        "The part is " + part + ". Look for the total that belongs to the whole."))
                .step("The part over the whole that the question names.", "\\frac{" + part + "}{" + whole + "}")
                .calculator()
                .given(part + "/" + whole);
        return (percent
                        ? item.step(
                                "As a percent, rounded.",
                                "\\frac{" + part + "}{" + whole + "} \\approx "
                                        + Tex.plain(
                                                share.times(Rational.of(100)).roundHalfUp(0)) + "\\%")
                        : item.step("It may be left so or reduced.", Linear.fractionLatex(share)))
                .build();
    }
}
