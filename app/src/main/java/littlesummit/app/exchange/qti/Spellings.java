package littlesummit.app.exchange.qti;

import java.math.BigDecimal;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;

/**
 * Ways to type a right answer, for programs that can only compare letters: a few of the many that our grader takes,
 * each of them right.
 */
final class Spellings {
    private static final int MOST_DIGITS = 12;

    private Spellings() {}

    static List<String> of(AnswerSpec spec) {
        Set<String> tried = new LinkedHashSet<>();
        tried.add(spec.key());
        tried.add(spec.key().replace(" ", ""));
        if (spec.kind() == Kind.NUMBER) {
            numbers(spec.key()).forEach(tried::add);
        }
        if (!spec.suffix().isEmpty()) {
            List.copyOf(tried).forEach(entry -> tried.add(without(entry, spec.suffix())));
            List.copyOf(tried).forEach(entry -> tried.add(entry + spec.suffix()));
            List.copyOf(tried).forEach(entry -> tried.add(entry + " " + spec.suffix()));
        }
        spec.letters().stream().sorted().findFirst().ifPresent(letter -> {
            tried.add(letter + "=" + spec.key());
            tried.add(letter + " = " + spec.key());
        });
        List.copyOf(tried).forEach(entry -> tried.add(entry.replace('-', '−')));
        return tried.stream()
                .filter(entry -> Grader.grade(spec, entry) == Verdict.CORRECT)
                .toList();
    }

    private static String without(String entry, String suffix) {
        return entry.endsWith(suffix)
                ? entry.substring(0, entry.length() - suffix.length()).strip()
                : entry;
    }

    private static Stream<String> numbers(String key) {
        try {
            String[] over = key.split("/", 2);
            BigDecimal value = over.length == 2
                    ? new BigDecimal(over[0].strip()).divide(new BigDecimal(over[1].strip()))
                    : new BigDecimal(key.strip());
            if (value.precision() > MOST_DIGITS
                    || value.scale() < 0 && value.precision() - value.scale() > MOST_DIGITS) {
                return Stream.empty();
            }
            String plain = value.stripTrailingZeros().toPlainString();
            return Stream.of(
                    plain,
                    plain.contains(".") ? plain + "0" : plain + ".0",
                    plain.replaceFirst("^(-?)0\\.", "$1."),
                    "+" + plain,
                    String.format("%,d", value.toBigInteger())
                            + (plain.contains(".") ? plain.substring(plain.indexOf('.')) : ""),
                    value.movePointRight(2).stripTrailingZeros().toPlainString() + "%");
        } catch (ArithmeticException | NumberFormatException neither) {
            return Stream.empty();
        }
    }
}
