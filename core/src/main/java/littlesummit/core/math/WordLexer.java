package littlesummit.core.math;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.Token.Kind;

/** Cuts runs of letters: words, units, names of functions, or letters one by one. */
final class WordLexer {
    /** Two small o beside each other look like the sign; where o is a letter they are a product. */
    private static final String INFINITY_IN_PLAIN_LETTERS = "oo";

    private static final Set<String> WORDS = Set.of(
            "and",
            "or",
            "none",
            "no",
            "solution",
            "solutions",
            "empty",
            "set",
            "all",
            "real",
            "reals",
            "number",
            "numbers",
            "except",
            "for",
            "inf",
            "infinity",
            "infty",
            INFINITY_IN_PLAIN_LETTERS);

    /** What a sign is called, behind a number. */
    private static final Map<String, Kind> SIGNS_IN_WORDS =
            Map.of("percent", Kind.PERCENT, "degree", Kind.DEGREE, "degrees", Kind.DEGREE);

    /** Behind a number; several of a place are added to what comes behind: 3 hundreds 4 tens. */
    private static final Map<String, String> LARGE = Map.ofEntries(
            Map.entry("hundred", "100"),
            Map.entry("thousand", "1000"),
            Map.entry("million", "1000000"),
            Map.entry("billion", "1000000000"),
            Map.entry("ones", "1"),
            Map.entry("tens", "10"),
            Map.entry("hundreds", "100"),
            Map.entry("thousands", "1000"));

    /** What a sign is called, in front of a number. */
    private static final Set<String> MINUS_IN_WORDS = Set.of("minus", "negative");

    private final Scan scan;
    private final LatexLexer latex;

    WordLexer(Scan scan, LatexLexer latex) {
        this.scan = scan;
        this.latex = latex;
    }

    /** A run of letters: a keyword, a unit, or letters one by one with sqrt, root and pi among them. */
    void letters() {
        if (isOfVocabulary()) {
            return;
        }
        int start = scan.pos;
        int stop = scan.pos;
        while (stop < scan.end
                && Character.isLetter(Characters.fold(scan.text.charAt(stop)))
                && Characters.symbol(Characters.fold(scan.text.charAt(stop))).isEmpty()) {
            stop++;
        }
        String run = scan.text.substring(start, stop);
        if (run.length() == 1 && scan.syntax.letters().contains(run)) {
            oneOf(run);
            return;
        }
        String word = run.toLowerCase(Locale.ROOT);
        boolean isTwoLetters = word.equals(INFINITY_IN_PLAIN_LETTERS);
        if (WORDS.contains(word) && !scan.syntax.letters().contains(isTwoLetters ? run.substring(1) : run)) {
            scan.pos = stop;
            scan.add(isTwoLetters || word.startsWith("inf") ? Kind.INFINITY : Kind.WORD, word, start);
        } else if (SIGNS_IN_WORDS.containsKey(word) && !scan.tokens.isEmpty()) {
            scan.pos = stop;
            scan.add(SIGNS_IN_WORDS.get(word), word, start);
        } else if (!scan.syntax.units() && isCurrency(run)) {
            scan.pos = stop;
            scan.add(Kind.CURRENCY, Currency.word(run).orElseThrow().sign(), start);
        } else if (LARGE.containsKey(word)
                && !scan.tokens.isEmpty()
                && scan.tokens.getLast().is(Kind.NUMBER)) {
            scan.pos = stop;
            scan.add(Kind.TIMES, "*", start);
            scan.add(Kind.NUMBER, LARGE.get(word), start);
            scan.skipSpaces();
            if (word.endsWith("s") && Characters.isDigit(scan.peek(0))) {
                scan.add(Kind.PLUS, "+", stop);
            }
        } else if (word.equals("per") && isPerCent(stop) && !scan.tokens.isEmpty()) {
            scan.pos = scan.text.toLowerCase(Locale.ROOT).indexOf("cent", stop) + "cent".length();
            scan.add(Kind.PERCENT, "%", start);
        } else if (word.equals("of") && isBehindShare()) {
            scan.pos = stop;
            scan.add(Kind.TIMES, "*", start);
        } else if (MINUS_IN_WORDS.contains(word)) {
            scan.pos = stop;
            scan.add(Kind.MINUS, "-", start);
        } else if (scan.syntax.sets()
                && word.equals("u")
                && !scan.syntax.letters().contains(run)) {
            scan.pos = stop;
            scan.add(Kind.UNION, "U", start);
        } else if (!scan.syntax.units() && Names.areThere(run, scan.syntax, scan.hasEuler)) {
            names(run, stop);
        } else if (scan.syntax.units() && Names.other(word, 0).isEmpty() && !word.equals("x")) {
            scan.pos = stop;
            unit(run, start);
        } else {
            while (scan.pos < stop) {
                oneOf(run.substring(scan.pos - start));
            }
        }
    }

    /** A name or function of an author, digits at its end included. */
    private boolean isOfVocabulary() {
        Syntax.Vocabulary vocabulary = scan.syntax.vocabulary();
        if (vocabulary.names().isEmpty() && vocabulary.functions().isEmpty()) {
            return false;
        }
        int start = scan.pos;
        int stop = start;
        while (stop < scan.end && Character.isLetterOrDigit(scan.text.charAt(stop))) {
            stop++;
        }
        String word = scan.text.substring(start, stop);
        boolean isName = vocabulary.names().contains(word);
        if (isName || vocabulary.functions().contains(word)) {
            scan.pos = stop;
            scan.add(isName ? Kind.LETTER : Kind.APPLIED, word, start);
            return true;
        }
        return false;
    }

    /** Behind a number by any of its names, before one by its code. */
    private boolean isCurrency(String run) {
        return Currency.word(run)
                .filter(c -> !scan.tokens.isEmpty() || run.equals(c.code()))
                .isPresent();
    }

    /** 20% of 50 and 3/4 of 20 are products; 3 of 5 is none. */
    private boolean isBehindShare() {
        if (scan.tokens.isEmpty()) {
            return false;
        }
        Token last = scan.tokens.getLast();
        boolean isFraction = scan.tokens.size() > 2
                && last.is(Kind.NUMBER)
                && scan.tokens.get(scan.tokens.size() - 2).is(Kind.DIVIDE)
                && scan.tokens.get(scan.tokens.size() - 3).is(Kind.NUMBER);
        return last.is(Kind.PERCENT) || last.is(Kind.VULGAR) || isFraction;
    }

    /** A run with names of functions among its letters, such as {@code xsinx}. */
    private void names(String run, int stop) {
        int start = scan.pos;
        while (scan.pos < stop) {
            Optional<String> name = Names.at(run, scan.pos - start, scan.syntax);
            if (name.isEmpty()) {
                oneOf(run.substring(scan.pos - start));
            } else {
                int at = scan.pos;
                scan.pos += name.get().length();
                function(name.get(), at);
            }
        }
    }

    /** A function, with the base that stands below a logarithm. */
    void function(String name, int start) {
        scan.add(Kind.FUNCTION, name, start);
        boolean isLowered = Characters.subscript(scan.peek(0)) >= 0;
        if (!name.equals("log") || scan.peek(0) != '_' && !isLowered) {
            return;
        }
        scan.add(Kind.BASE, "_", scan.pos);
        if (isLowered) {
            int at = scan.pos;
            StringBuilder digits = new StringBuilder();
            for (; Characters.subscript(scan.peek(0)) >= 0; scan.pos++) {
                digits.append(Characters.subscript(scan.peek(0)));
            }
            scan.add(Kind.OPEN, "{", at);
            scan.add(Kind.NUMBER, digits.toString(), at);
            scan.add(Kind.CLOSE, "}", at);
            return;
        }
        scan.pos++;
        if (scan.isLatex || scan.peek(0) == '{' || !Characters.isDigit(scan.peek(0))) {
            latex.argument();
        } else {
            int at = scan.pos;
            scan.add(Kind.OPEN, "{", at);
            scan.add(Kind.NUMBER, scan.digitRun(), at);
            scan.add(Kind.CLOSE, "}", at);
        }
    }

    private boolean isPerCent(int from) {
        return scan.text.substring(from).stripLeading().toLowerCase(Locale.ROOT).startsWith("cent");
    }

    /** A degree sign with C or F behind it is one unit. */
    private void unit(String run, int start) {
        String scale = run.length() > 1 ? run.substring(0, 1).toUpperCase(Locale.ROOT) : run;
        boolean isScale = Set.of("c", "f", "celsius", "fahrenheit").contains(run.toLowerCase(Locale.ROOT));
        if (isScale && !scan.tokens.isEmpty() && scan.tokens.getLast().is(Kind.DEGREE)) {
            scan.replaceLast(Kind.UNIT, "°" + scale.toUpperCase(Locale.ROOT));
        } else if (isScale) {
            scan.add(Kind.UNIT, "°" + scale.toUpperCase(Locale.ROOT), start);
        } else {
            scan.add(Units.isWord(run) ? Kind.UNIT : Kind.UNKNOWN_UNIT, run, start);
        }
    }

    private void oneOf(String rest) {
        int start = scan.pos;
        if (rest.startsWith("sqrt")) {
            scan.pos += 4;
            scan.add(Kind.ROOT_SIGN, "sqrt", start);
        } else if (rest.startsWith("root")) {
            scan.pos += 4;
            scan.add(Kind.ROOT, "root", start);
        } else if (rest.startsWith("cbrt")) {
            scan.pos += 4;
            scan.add(Kind.ROOT_SIGN, "∛", start);
        } else if (rest.startsWith("abs") && Characters.fold(scan.peek(3)) == '(') {
            scan.pos += 3;
            scan.add(Kind.ABS, "abs", start);
        } else if (rest.regionMatches(true, 0, "pi", 0, 2)
                && !scan.syntax.letters().contains(rest.substring(0, 1))
                && !scan.syntax.letters().contains("p")
                && !scan.syntax.letters().contains("i")) {
            scan.pos += 2;
            scan.add(Kind.PI, "pi", start);
        } else if (Characters.fold(rest.charAt(0)) == 'e'
                && scan.hasEuler
                && !scan.syntax.letters().contains("e")) {
            scan.pos++;
            scan.add(Kind.EULER, "e", start);
        } else {
            scan.pos++;
            letter(String.valueOf(Characters.fold(rest.charAt(0))), start);
        }
    }

    /** With its index, where the field knows the letter with it. */
    private void letter(String letter, int start) {
        IndexedLetter.Behind behind = IndexedLetter.behind(scan.text.substring(scan.pos, scan.end));
        String name = letter + "_" + behind.index();
        boolean isKnown = behind.length() > 0 && scan.syntax.letters().contains(name);
        scan.pos += isKnown ? behind.length() : 0;
        scan.add(Kind.LETTER, isKnown ? name : letter, start);
    }
}
