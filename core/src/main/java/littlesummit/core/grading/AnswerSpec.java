package littlesummit.core.grading;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Chars;
import littlesummit.core.math.Expr;
import littlesummit.core.math.IndexedLetter;
import littlesummit.core.math.Parser;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Rounding;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Syntax;

/**
 * What is asked of one field.
 *
 * @param kind what is compared
 * @param form what shape is asked
 * @param expected the right answer, in the syntax of entries
 * @param letters letters that may stand in an entry, for expressions, equations and domains; for values the letters
 *     that may name them, as in {@code x = 6}, where an empty set takes any
 * @param suffix what the field shows behind the entry, such as % or g; empty for nothing
 * @param options ids to choose from; empty where any id is taken
 */
public record AnswerSpec(
        Kind kind, Form form, String expected, Set<String> letters, String suffix, Set<String> options) {
    private static final Set<Kind> LETTERED = Set.of(Kind.EXPRESSION, Kind.EQUATION, Kind.DOMAIN, Kind.PIECES);

    public AnswerSpec {
        letters = letters.stream().map(IndexedLetter::name).collect(Collectors.toUnmodifiableSet());
        options = Set.copyOf(options);
    }

    public static AnswerSpec of(Kind kind, Form form, String expected) {
        boolean lettered = LETTERED.contains(kind);
        return new AnswerSpec(kind, form, expected, lettered ? Set.of("x") : Set.of(), "", Set.of());
    }

    public static AnswerSpec number(Form form, String expected) {
        return of(Kind.NUMBER, form, expected);
    }

    public static AnswerSpec choice(String expected, List<String> options) {
        return new AnswerSpec(Kind.CHOICE, Form.Shape.ANY, expected, Set.of(), "", new LinkedHashSet<>(options));
    }

    /** @param expected ids in the right order, separated by commas */
    public static AnswerSpec inOrder(String expected, List<String> options) {
        return new AnswerSpec(Kind.CHOICE, Form.Shape.IN_ORDER, expected, Set.of(), "", new LinkedHashSet<>(options));
    }

    /** Of what tells specifications apart, and is quickly had: answers are looked up by their specification. */
    @Override
    public int hashCode() {
        return 31 * expected.hashCode() + kind.ordinal();
    }

    /** @param example an answer that a reader would give full credit */
    public static AnswerSpec words(String example) {
        return of(Kind.WORDS, Form.Shape.ANY, example);
    }

    public AnswerSpec withSuffix(String shown) {
        return new AnswerSpec(kind, form, expected, letters, shown, options);
    }

    public AnswerSpec withLetters(String... allowed) {
        return new AnswerSpec(kind, form, expected, Set.of(allowed), suffix, options);
    }

    private static final String DERIVATIVE = "(?:\\\\frac\\{d[a-z]?}\\{d[a-z]}|d[a-z]/d[a-z])\\s*=";
    private static final String MAPPING = "[A-Za-z]\\s*:\\s*[a-z]\\s*(?:->|→|↦|\\\\mapsto|\\\\to)(?![a-z])";
    private static final String NAME = "([A-Za-z](?:['’′]{0,2}\\([a-z]\\)|_\\{?n\\}?)?)\\s*=(?!=)";
    /** What may stand before an expression: y =, f(x) =, f'(x) =, a_n =, dy/dx =, f: x →. */
    private static final Pattern NAMED = Pattern.compile("^\\s*(?:" + DERIVATIVE + "|" + MAPPING + "|" + NAME + ")");

    /** What the field reads. */
    public Syntax syntax() {
        boolean maybe = expected.indexOf('e') >= 0 || expected.indexOf('l') >= 0;
        return maybe && WITH_EULER.matcher(expected).find() ? plainSyntax().withEuler() : plainSyntax();
    }

    /** An e that is asked for is the number; where it is not, it is a slip of the finger. */
    private static final Pattern WITH_EULER = Pattern.compile("(?<![A-Za-z])e(?![A-Za-z])|exp|ln|log");

    private Syntax plainSyntax() {
        return switch (kind) {
            case NUMBER -> Syntax.number().asking(letters);
            case EXPRESSION, EQUATION, PIECES -> Syntax.expression(letters);
            case PAIR, SET, CHOICE, WORDS -> Syntax.list().asking(letters);
            case DOMAIN -> Syntax.domain(letters);
            case QUANTITY -> Syntax.quantity().asking(letters);
            case REMAINDER -> letters.isEmpty() ? Syntax.number() : Syntax.expression(letters);
            case MATRIX, TIME, DATE -> Syntax.expression(letters);
            case COMPLEX -> Syntax.expression(Set.of("i")).asking(Set.of());
        };
    }

    /** How an entry is understood; not for choices, whose entries are ids. */
    public Reading read(String entry) {
        int start = (kind == Kind.EXPRESSION || kind == Kind.PIECES) && hasNameBefore(entry) ? behindName(entry) : 0;
        Reading reading = understood(UsualWords.taken(this, withoutSuffix(entry.substring(start))));
        return reading instanceof Reading.Stopped(var problem, int at)
                ? new Reading.Stopped(problem, at + start)
                : reading;
    }

    /** Whether it can be named at all: most entries are not, and no pattern need be tried on them. */
    private static boolean hasNameBefore(String entry) {
        return Chars.any(entry, c -> c == '=' || c == '>' || c == '→' || c == '↦' || c == '\\');
    }

    /** Where the expression begins: behind a name that is none of its letters, if there is one. */
    private int behindName(String entry) {
        Matcher named = NAMED.matcher(entry);
        boolean isNamed = named.find()
                && (named.group(1) == null || named.group(1).length() > 1 || !isOfTheAnswer(named.group(1)));
        return isNamed ? named.end() : 0;
    }

    /** Whether a letter stands for a number here: one that the answer does not have may still name it. */
    private boolean isOfTheAnswer(String letter) {
        return letters.contains(letter)
                && (!(Parser.read(expected, syntax()) instanceof Reading.Understood(Statement.Value(Expr answer)))
                        || answer.any(new Expr.Letter(letter)::equals));
    }

    /** What has a way of writing of its own, around the common grammar. */
    private Reading understood(String entry) {
        return switch (kind) {
            case PAIR -> {
                String plain =
                        RatioGrader.isAsked(this) ? RatioGrader.asList(entry).orElse(entry) : VectorText.plain(entry);
                Reading reading = Parser.read(plain, syntax());
                yield reading instanceof Reading.Stopped
                        ? VectorText.ofUnits(plain, size())
                                .<Reading>map(Reading.Understood::new)
                                .orElse(reading)
                        : reading;
            }
            case REMAINDER -> RemainderText.read(entry, syntax());
            case TIME -> ClockText.read(entry);
            case DATE -> DateText.read(entry);
            case MATRIX -> MatrixText.read(entry, syntax());
            case PIECES -> PiecesText.read(entry, this);
            default -> Parser.read(entry, syntax());
        };
    }

    /** How many coordinates are asked for; 2 for what is no point. */
    private int size() {
        return Parser.read(VectorText.plain(expected), syntax())
                        instanceof Reading.Understood(Statement.Delimited(char open, var items, char close))
                ? items.size()
                : 2;
    }

    /** A unit in letters that the field shows already may be typed once more behind a number. */
    private String withoutSuffix(String entry) {
        String typed = entry.stripTrailing();
        boolean word =
                kind == Kind.NUMBER && !suffix.isEmpty() && suffix.chars().allMatch(Character::isLetter);
        return word && typed.endsWith(suffix) && typed.length() > suffix.length()
                ? typed.substring(0, typed.length() - suffix.length())
                : entry;
    }

    /** The right entry as one would type it: {@code expected}, rounded where rounding is asked. Grades as correct. */
    public String key() {
        if (kind == Kind.REMAINDER) {
            return expected.substring(expected.indexOf('=') + 1).strip();
        }
        if (!(form instanceof Form.Rounded(int places, boolean percent)) || kind != Kind.NUMBER) {
            return expected;
        }
        RationalFunction exact = Canonical.of(Parser.expr(expected, syntax()));
        RationalFunction asked = percent ? exact.times(RationalFunction.of(Rational.of(100))) : exact;
        return PlainPrinter.plain(Expr.decimal(Rounding.halfUp(asked, places), places)) + (percent ? "%" : "");
    }

    /** @throws IllegalArgumentException when our own answer cannot be read */
    Statement expectedStatement() {
        return switch (understood(expected)) {
            case Reading.Understood(Statement statement) -> statement;
            case Reading.Stopped(var problem, int at) ->
                throw new IllegalArgumentException("cannot read \"" + expected + "\" at " + at + ": " + problem);
        };
    }
}
