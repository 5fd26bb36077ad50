package littlesummit.core.math;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Names of functions in a run of letters. */
final class Names {
    /** All that are read; longer ones first, so that arcsin is not arc with sin. */
    static final List<String> FUNCTIONS = Stream.of(
                    "sin", "cos", "tan", "cot", "sec", "csc", "cosec", "arcsin", "arccos", "arctan", "asin", "acos",
                    "atan", "sinh", "cosh", "tanh", "ln", "log", "lg", "exp", "gcd", "hcf", "gcf", "lcm", "nCr")
            .sorted(Comparator.comparingInt(String::length).reversed())
            .toList();

    /** What is written in letters and is no function with an argument in brackets. */
    private static final List<String> OTHERS = List.of("sqrt", "root", "cbrt", "abs", "pi");

    private Names() {}

    private static final Pattern WITH_EULER = Pattern.compile("(?<![A-Za-z])e\\^|exp|ln");

    /** Whether an entry has a power of e or a natural logarithm in it, so that no e is a slip of the finger. */
    static boolean speakOfEuler(String entry) {
        return (entry.indexOf('e') >= 0 || entry.indexOf("ln") >= 0)
                && WITH_EULER.matcher(entry).find();
    }

    /** Whether a run is made of names of functions, at least one, and of letters that the field knows. */
    static boolean areThere(String run, Syntax syntax, boolean hasEuler) {
        boolean has = false;
        int at = 0;
        while (at < run.length()) {
            Optional<String> name = at(run, at, syntax);
            Optional<String> other = other(run, at);
            boolean isLetter =
                    syntax.letters().contains(run.substring(at, at + 1)) || hasEuler && run.charAt(at) == 'e';
            if (name.isEmpty() && other.isEmpty() && !isLetter) {
                return false;
            }
            has |= name.isPresent();
            at += name.or(() -> other).map(String::length).orElse(1);
        }
        return has;
    }

    /** A name that starts here and is no function's: sqrt, pi. */
    static Optional<String> other(String run, int start) {
        for (String name : OTHERS) {
            if (run.startsWith(name, start)) {
                return Optional.of(name);
            }
        }
        return Optional.empty();
    }

    /** The name that starts here. One of two letters that the field knows both is their product. */
    static Optional<String> at(String run, int start, Syntax syntax) {
        for (String name : FUNCTIONS) {
            if (run.startsWith(name, start) && (name.length() > 2 || !isProduct(name, syntax))) {
                return Optional.of(name);
            }
        }
        return Optional.empty();
    }

    private static boolean isProduct(String name, Syntax syntax) {
        return name.chars().allMatch(c -> syntax.letters().contains(String.valueOf((char) c)));
    }
}
