package littlesummit.core.grading;

import java.math.BigInteger;
import java.util.Optional;
import java.util.function.Function;
import littlesummit.core.math.Chars;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Unworked;

/**
 * What is understood beside the common grammar: a number in words or Roman numerals, what is left of a number, a limit
 * or an integral that stands there as it was asked. Its value counts; the number itself is asked for.
 */
final class Otherwise {
    private Otherwise() {}

    /** Whether an entry is one of these: whoever shows how it is read asks the same as the grader. */
    static boolean isRead(AnswerSpec spec, String entry) {
        return residue(spec, entry).isPresent()
                || numeral(spec, entry).isPresent()
                || base(spec, entry).isPresent()
                || unworked(spec, entry).isPresent();
    }

    private static Optional<Residue> residue(AnswerSpec spec, String entry) {
        return spec.kind() == Kind.NUMBER ? Residue.read(entry) : Optional.empty();
    }

    /** Where capitals stand for numbers, they are no numerals. */
    private static Optional<BigInteger> numeral(AnswerSpec spec, String entry) {
        return spec.kind() == Kind.NUMBER
                        && Chars.any(entry, Character::isLetter)
                        && spec.letters().stream().noneMatch(letter -> Character.isUpperCase(letter.charAt(0)))
                ? WrittenNumerals.read(entry)
                : Optional.empty();
    }

    private static Optional<BaseNumeral> base(AnswerSpec spec, String entry) {
        return spec.kind() == Kind.NUMBER ? BaseNumeral.read(entry) : Optional.empty();
    }

    /** Where it would be wrong but its digits alone are the answer, the base was known already. */
    private static Verdict ofBase(AnswerSpec spec, BaseNumeral number, Function<String, Verdict> plain) {
        Verdict verdict = plain.apply(number.value().toString());
        if (verdict instanceof Verdict.Incorrect && number.digits().equalsIgnoreCase(spec.expected())) {
            return new Verdict.Unreadable(Reason.BASE_KNOWN, 0);
        }
        return spec.form() == Form.Shape.ANY ? verdict : asked(verdict, Reason.WORK_OUT);
    }

    private static Optional<Unworked> unworked(AnswerSpec spec, String entry) {
        return spec.kind() == Kind.NUMBER || spec.kind() == Kind.EXPRESSION
                ? Unworked.read(entry, spec.letters())
                : Optional.empty();
    }

    /**
     * The verdict on such an entry; empty for any other.
     *
     * @param plain what the grader says of a number in digits
     */
    static Optional<Verdict> verdict(AnswerSpec spec, String entry, Function<String, Verdict> plain) {
        return residue(spec, entry)
                .map(r -> {
                    Verdict verdict = plain.apply(r.least().toString());
                    return r.isLeast() ? verdict : asked(verdict, Reason.WORK_OUT);
                })
                .or(() ->
                        numeral(spec, entry).map(number -> asked(plain.apply(number.toString()), Reason.DIGITS_WANTED)))
                .or(() -> base(spec, entry).map(number -> ofBase(spec, number, plain)))
                .or(() -> unworked(spec, entry)
                        .flatMap(u -> KnownAnswer.of(spec).statement() instanceof Statement.Value(Expr answer)
                                ? u.is(answer)
                                : Optional.empty())
                        .map(isRight -> isRight ? Verdict.form(Reason.WORK_OUT) : Verdict.incorrect()));
    }

    private static Verdict asked(Verdict verdict, Reason form) {
        return switch (verdict) {
            case Verdict.Correct c -> Verdict.form(form);
            case Verdict.WrongForm f -> Verdict.form(form);
            case Verdict.Incorrect i -> Verdict.incorrect();
            case Verdict.Unreadable u -> u;
        };
    }
}
