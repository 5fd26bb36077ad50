package littlesummit.core.grading;

import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Currency;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Statement;

/** The one grader. */
public final class Grader {
    private Grader() {}

    /**
     * Grades one entry. Exact, deterministic, and bounded in time for any entry.
     *
     * @throws IllegalArgumentException when the specification's own answer cannot be read: that is our bug
     */
    public static Verdict grade(AnswerSpec spec, String entry) {
        if (spec.kind() == Kind.CHOICE) {
            return ChoiceGrader.grade(spec, entry);
        }
        if (spec.kind() == Kind.WORDS) {
            return InWords.grade(entry, spec.expected());
        }
        return Otherwise.verdict(spec, entry, digits -> read(spec, digits)).orElseGet(() -> read(spec, entry));
    }

    private static Verdict read(AnswerSpec spec, String entry) {
        return switch (spec.read(entry)) {
            case Reading.Stopped stopped -> Entries.unreadable(spec.kind(), stopped);
            case Reading.Understood(Statement statement) -> {
                Verdict verdict = judge(spec, statement, entry);
                yield verdict instanceof Verdict.Incorrect
                        ? TwoReadings.of(spec, entry).orElse(verdict)
                        : verdict;
            }
        };
    }

    private static Verdict judge(AnswerSpec spec, Statement entry, String text) {
        KnownAnswer answer = KnownAnswer.of(spec);
        Optional<Reason> money = spec.kind() == Kind.NUMBER ? otherMoney(spec, answer, text) : Optional.empty();
        if (money.isPresent()) {
            return new Verdict.Unreadable(money.get(), 0);
        }
        try {
            return AngleMeasure.mayBeIn(entry) ? judgeAngle(spec, answer, entry) : judge(spec, answer, entry);
        } catch (MathProblem problem) {
            return Entries.unreadable(problem);
        } catch (Entries.WrongKind wrong) {
            return new Verdict.Unreadable(wrong.reason(), Parser.placeOfStructure(text, spec.syntax()));
        }
    }

    /** What may be an angle, or have one in it. */
    private static Verdict judgeAngle(AnswerSpec spec, KnownAnswer answer, Statement entry) {
        Statement expected = answer.statement();
        if (PlainAngles.isIn(entry) && !PlainAngles.isIn(expected)) {
            return new Verdict.Unreadable(Reason.DEGREE_SIGN, 0);
        }
        return AngleMeasure.converted(expected, spec.suffix().equals("°"), entry)
                .map(same -> inOtherMeasure(judge(spec, answer, same)))
                .orElseGet(() -> judge(spec, answer, entry));
    }

    private static Verdict inOtherMeasure(Verdict verdict) {
        return verdict instanceof Verdict.Correct || verdict instanceof Verdict.WrongForm
                ? Verdict.form(Reason.WRONG_UNIT)
                : verdict;
    }

    private static Verdict judge(AnswerSpec spec, KnownAnswer answer, Statement entry) {
        Statement expected = answer.statement();
        return switch (spec.kind()) {
            case NUMBER -> NumberGrader.grade(spec, answer, entry);
            case EXPRESSION -> ExpressionGrader.grade(spec, answer, entry);
            case EQUATION -> EquationGrader.grade(spec, expected, entry);
            case PAIR -> PairGrader.grade(spec, expected, entry);
            case SET -> SetGrader.grade(spec, expected, entry);
            case DOMAIN -> DomainGrader.grade(spec, expected, entry);
            case QUANTITY -> QuantityGrader.grade(spec, expected, entry);
            case REMAINDER -> RemainderGrader.grade(expected, entry);
            case TIME -> TimeGrader.grade(expected, entry);
            case DATE -> DateGrader.grade(expected, entry);
            case COMPLEX -> ComplexGrader.grade(spec, expected, entry);
            case PIECES -> PiecesGrader.grade(spec, expected, entry);
            case MATRIX -> MatrixGrader.grade(expected, entry);
            case CHOICE, WORDS -> throw new IllegalStateException("graded without reading: " + spec.kind());
        };
    }

    /** A sign of money changes no value; but euros are no dollars, and kilograms no pounds. */
    private static Optional<Reason> otherMoney(AnswerSpec spec, KnownAnswer answer, String text) {
        List<Currency> typed = Currency.in(text);
        List<Currency> asked = answer.currencies();
        if (asked.isEmpty()) {
            return typed.isEmpty() || spec.suffix().isBlank()
                    ? Optional.empty()
                    : Optional.of(Reason.ONE_NUMBER_WANTED);
        }
        return asked.containsAll(typed) ? Optional.empty() : Optional.of(Reason.OTHER_CURRENCY);
    }
}
