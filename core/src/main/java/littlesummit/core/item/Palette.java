package littlesummit.core.item;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;

/** The few signs that an entry of a kind and form may need and that are hard to find on a keyboard. */
final class Palette {
    private Palette() {}

    static List<String> of(AnswerSpec answer) {
        return switch (answer.kind()) {
            case NUMBER -> number(answer.form());
            case EXPRESSION -> List.of("x/y", "x²", "( )", "√");
            case EQUATION -> List.of("=", "x/y", "x²", "( )");
            case PAIR -> List.of("( , )", "x/y", "−");
            case SET -> List.of("{ , }", "x/y", "√", "none");
            case DOMAIN -> List.of("∞", "∪", "≠", "≤", "≥", "x/y");
            case REMAINDER -> List.of("R");
            case TIME -> List.of(":");
            case COMPLEX -> List.of("i", "x/y", "√");
            case PIECES -> List.of("≤", "≥", "x/y", "x²");
            case MATRIX, DATE, QUANTITY, CHOICE, WORDS -> List.of();
        };
    }

    private static List<String> number(Form form) {
        return switch (form) {
            case Form.Shape.FRACTION, Form.Shape.FRACTION_LOWEST, Form.Shape.MIXED -> List.of("/", "−");
            case Form.Shape.SCIENTIFIC, Form.Shape.PRIME_FACTORS, Form.Shape.POWER -> List.of("×", "^", "−");
            case Form.Shape.SIMPLEST_ROOTS -> List.of("√", "/", "−");
            default -> List.of();
        };
    }
}
