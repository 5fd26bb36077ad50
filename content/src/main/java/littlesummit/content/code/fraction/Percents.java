package littlesummit.content.code.fraction;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** Percents as shares, and as something to type. */
final class Percents {
    static final Rational HUNDRED = Rational.of(100);

    private Percents() {}

    /** As a part of the whole: 25 is a quarter. */
    static Rational share(int percent) {
        return Rational.of(percent, 100);
    }

    static AnswerSpec answer(Rational percent) {
        return AnswerSpec.number(Form.Shape.PERCENT, Tex.plain(percent) + "%").withSuffix("%");
    }

    static Field field(String label, AnswerSpec answer, Mistakes mistakes) {
        return Field.typed("percent", label, "a percent; the sign is there already", answer, mistakes.list());
    }
}
