package littlesummit.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import littlesummit.core.grading.Reader;
import littlesummit.core.math.Effort;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Syntax;
import littlesummit.core.working.CheckedLine.FoundSlip;
import littlesummit.core.working.Following.Link;

/** The line check: each line within the thread that it continues, see {@link WorkThread}. */
public final class WorkCheck {
    /** What one line may cost: about a tenth of a second on one core of the build machine, measured. */
    private static final long LINE = 1_000_000;
    /** What the search for the slip in a line may cost. */
    private static final long SLIP = 500_000;
    /** What a page may cost, however many lines it has. */
    static final long PAGE = 10_000_000;

    private static final Pattern NAMED = Pattern.compile("\\s*[A-Za-zΔ]\\s*=\\s*(.+=.+)");
    private static final Link TOO_MUCH = new Link.Unknown("there is too much to compute in it");
    private final Syntax syntax;
    /** The last line that does not hold, or goes on from one that does not, under several equations. */
    private Optional<Statement> mistake = Optional.empty();

    private final WorkThread thread;
    private long left = PAGE;

    private WorkCheck(Syntax syntax, WorkThread thread) {
        this.syntax = syntax;
        this.thread = thread;
    }

    /**
     * @param given an expression or an equation to start from, in entry syntax; empty for nothing: then the first line
     *     stands unchecked. Where it cannot be read no line is judged.
     * @param letters that may occur
     * @return one for each line, in order
     */
    public static List<CheckedLine> check(String given, Set<String> letters, List<String> lines) {
        Syntax syntax = Syntax.line(letters);
        Reading start = Parser.read(given, syntax);
        boolean isRead = start instanceof Reading.Understood || given.isBlank();
        WorkCheck check = new WorkCheck(
                syntax,
                new WorkThread(
                        start instanceof Reading.Understood(Statement read) ? Optional.of(read) : Optional.empty()));
        List<LineText> texts = lines.stream().map(LineText::of).toList();
        List<CheckedLine> checked = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            checked.add(isRead ? check.next(texts.get(i), texts.subList(i + 1, texts.size())) : unjudged(texts.get(i)));
        }
        return List.copyOf(checked);
    }

    private static CheckedLine unjudged(LineText line) {
        return Words.are(line.whole())
                ? CheckedLine.of(LineVerdict.WORDS)
                : cannotTell("what the item gives cannot be read by the line check");
    }

    private static CheckedLine cannotTell(String why) {
        return CheckedLine.unreadable("This line is fine to keep, but it cannot be checked here: " + why + ".", -1);
    }

    private CheckedLine next(LineText line, List<LineText> later) {
        if (Words.are(line.whole())) {
            return CheckedLine.of(LineVerdict.WORDS);
        }
        return switch (Parser.read(line.mathematics(), syntax)) {
            case Reading.Stopped stopped
            when namedNumber(line).isPresent() -> beside(namedNumber(line).get());
            case Reading.Stopped stopped -> {
                Reader.ReadAs read = Reader.read(line.mathematics(), syntax);
                yield CheckedLine.unreadable(read.message(), read.at() + line.offset());
            }
            case Reading.Understood(Statement statement) -> compared(statement, later);
        };
    }

    /** D = 25 − 24 = 1 under an equation for x: a letter of its own names what is worked out. */
    private Optional<Statement> namedNumber(LineText line) {
        Matcher named = NAMED.matcher(line.mathematics());
        return named.matches()
                        && Parser.read(named.group(1), syntax) instanceof Reading.Understood(Statement statement)
                        && statement instanceof Statement.Relations
                        && Claim.letters(statement).isEmpty()
                ? Optional.of(statement)
                : Optional.empty();
    }

    private static CheckedLine beside(Statement numbers) {
        return SideComputation.broken(numbers)
                .map(bad -> CheckedLine.fails(Optional.empty(), Optional.of(link(bad))))
                .orElseGet(() -> CheckedLine.follows(SideComputation.NOTE));
    }

    private static String link(List<Expr> bad) {
        return LatexPrinter.latex(bad.getFirst()) + " = " + LatexPrinter.latex(bad.getLast());
    }

    private List<Statement> read(List<LineText> lines) {
        return lines.stream()
                .filter(line -> !Words.are(line.whole()))
                .map(line -> Parser.read(line.mathematics(), syntax))
                .flatMap(r -> r instanceof Reading.Understood(Statement read) ? Stream.of(read) : Stream.empty())
                .toList();
    }

    private CheckedLine compared(Statement line, List<LineText> later) {
        Optional<Statement> before = thread.before();
        if (before.isEmpty()) {
            thread.begin(line);
            return CheckedLine.of(LineVerdict.FOLLOWS);
        }
        Statement from = before.get();
        if (SameForm.of(from, line)) {
            return CheckedLine.of(LineVerdict.SAME);
        }
        Link link = limited(LINE, () -> Following.of(from, line)).orElse(TOO_MUCH);
        if (link instanceof Link.Follows(String note)) {
            mistake = mistake.map(m -> line);
            thread.goOn(line);
            return CheckedLine.follows(note);
        }
        if (thread.system().isPresent()) {
            return together(thread.system().get(), from, line);
        }
        Optional<String> elsewhere =
                limited(LINE, () -> thread.takeElsewhere(line, read(later))).flatMap(note -> note);
        if (elsewhere.isPresent()) {
            return CheckedLine.follows(elsewhere.get());
        }
        return switch (link) {
            case Link.Fails(Optional<List<Expr>> bad) -> failed(from, line, bad);
            case Link.Unknown(String why) -> cannotTell(why);
            case Link.Follows f -> throw new IllegalStateException("taken above");
        };
    }

    /** Under several equations a line need not go on from the one above it. */
    private CheckedLine together(SystemOfEquations system, Statement from, Statement line) {
        return switch (limited(LINE, () -> system.judge(line)).orElse(TOO_MUCH)) {
            case Link.Follows f -> {
                mistake = Optional.empty();
                thread.goOn(line);
                yield CheckedLine.follows(SystemOfEquations.NOTE);
            }
            case Link.Fails(var bad)
            when mistake.filter(m -> system.followsWith(m, line)).isPresent() -> {
                thread.goOn(line);
                yield CheckedLine.follows(SystemOfEquations.AFTER_MISTAKE);
            }
            case Link.Fails(var bad) -> {
                mistake = Optional.of(line);
                thread.goOnAfterMistake(line);
                Optional<FoundSlip> found = slip(from, line);
                yield CheckedLine.fails(found.map(FoundSlip::slip), found.flatMap(FoundSlip::place));
            }
            case Link.Unknown(String why) -> cannotTell(why);
        };
    }

    private CheckedLine failed(Statement from, Statement line, Optional<List<Expr>> inChain) {
        boolean isBeside = SideComputation.isBeside(from, line);
        Optional<List<Expr>> bad = isBeside ? SideComputation.broken(line) : inChain;
        Optional<FoundSlip> found = bad.isPresent()
                ? slip(amount(bad.get().getFirst()), amount(bad.get().getLast()))
                : slip(from, line);
        Optional<Slip> slip = found.map(FoundSlip::slip);
        if (SideComputation.isRight(from, line)
                && (isBeside || slip.filter(WorkCheck::isMove).isEmpty())) {
            return CheckedLine.follows(SideComputation.NOTE);
        }
        if (!isBeside) {
            thread.goOnAfterMistake(line);
        }
        return CheckedLine.fails(slip, bad.map(WorkCheck::link).or(() -> found.flatMap(FoundSlip::place)));
    }

    /** A wrong move, and not just a number or a sign that another line could have. */
    private static boolean isMove(Slip slip) {
        return slip != Slip.ARITHMETIC && slip != Slip.LOST_SIGN && slip != Slip.POWER_OF_TEN;
    }

    private static Statement amount(Expr expr) {
        return new Statement.Value(expr);
    }

    /** Empty when the page has cost enough, or this computation too much. */
    private <T> Optional<T> limited(long most, Supplier<T> computation) {
        Effort.Outcome<T> outcome = Effort.limited(Math.min(most, left), computation);
        left -= outcome.spent();
        return outcome.value();
    }

    private Optional<FoundSlip> slip(Statement from, Statement line) {
        return limited(SLIP, () -> SlipFinder.find(from, line)).flatMap(found -> found);
    }
}
