package littlesummit.content.code.shape;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.skill.Mistakes;

/** A field for an angle in degrees. */
final class AngleField {
    private AngleField() {}

    /** @param right whole degrees */
    static AnswerSpec spec(int right) {
        return AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(right)).withSuffix("°");
    }

    static Field of(String id, Mistakes mistakes, AnswerSpec answer) {
        return Field.typed(id, "Angle " + id, "degrees, a whole number", answer, mistakes.list());
    }
}
