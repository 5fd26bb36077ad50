package littlesummit.core.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Syntax;

/**
 * Functions in pieces, rule by rule: {@code x^2 if x < 0; 2x if x >= 0}, {@code {x^2, x < 0; 2x, otherwise}}, {@code x
 * < 0: x^2}, LaTeX's {@code cases}. Read as a list of pairs, of a rule and its condition; the rule that holds otherwise
 * stands alone.
 */
final class PiecesText {
    private static final int MOST = 8;
    /** What LaTeX puts around, each replaced by as many signs as it has, so that places stay. */
    private static final Pattern AROUND = Pattern.compile("\\\\begin\\{(?:cases|array)}(?:\\{[lcr|]*})?"
            + "|\\\\end\\{(?:cases|array)}|\\\\left\\s*(?:\\\\\\{|\\.)|\\\\right\\s*(?:\\\\}|\\.)"
            + "|\\\\displaystyle|\\\\q?quad|\\\\[,;: ]");

    private static final Pattern TEXT = Pattern.compile("(\\\\(?:text|mathrm|textrm|mbox|operatorname)\\{)([^{}]*)(})");
    private static final String MARK = "(?:if|for|when|where)(?=[^a-z]|[a-z](?![a-z]))";
    private static final Pattern FIRST = Pattern.compile("^" + MARK + "(.+?)(?:\\bthen\\b|:|,)(.+)$", Pattern.DOTALL);
    private static final Pattern OTHERWISE = Pattern.compile("^(.+?)[,:@]?\\s*(?:(?:if|for|in)\\s+)?"
            + "(?:otherwise|else(?:where)?|everywhere\\s+else|(?:all\\s+)?other\\s*(?:cases|values|[a-z]))\\s*$");
    private static final Pattern MARKED =
            Pattern.compile("^(.+?)[,:]?\\s*(?:@\\s*(?:" + MARK + ")?|(?<![a-z\\\\])" + MARK + ")(.+)$");
    private static final Pattern BRACKET = Pattern.compile("^(.+)\\(([^()]*[<>≤≥=][^()]*)\\)\\s*$");
    private static final Pattern SIGN = Pattern.compile("[<>≤≥=≠]|\\\\(?:le|ge|lt|gt|ne)");

    private final String letter;
    private final Syntax rules;
    private final Syntax conditions;

    private PiecesText(AnswerSpec field) {
        letter = field.letters().stream().findFirst().orElse("x");
        rules = Syntax.expression(field.letters());
        conditions = Syntax.domain(field.letters());
    }

    /** @param condition empty for the rule that holds otherwise */
    private record Row(EntryPart rule, Optional<EntryPart> condition) {}

    static Reading read(String entry, AnswerSpec field) {
        EntryPart whole = unbraced(new EntryPart(plain(entry), 0).stripped());
        if (whole.isBlank()) {
            return new Reading.Stopped(Problem.BLANK, 0);
        }
        List<EntryPart> rows = rows(whole);
        return rows.size() > MOST ? new Reading.Stopped(Problem.TOO_LARGE, 0) : new PiecesText(field).all(rows);
    }

    private static String plain(String entry) {
        String spaced = AROUND.matcher(entry.replace("\\\\", "; "))
                .replaceAll(found -> " ".repeat(found.group().length()));
        String told = TEXT.matcher(spaced)
                .replaceAll(found ->
                        Matcher.quoteReplacement(" ".repeat(found.group(1).length()) + found.group(2) + " "));
        return told.replace('\n', ';')
                .replace('&', '@')
                .replace("\\{", " {")
                .replace("\\}", " }")
                .replaceAll("([,;]\\s*)and(?=\\s)", "$1   ");
    }

    /** A brace on the left is usual without one on the right. */
    private static EntryPart unbraced(EntryPart whole) {
        if (!whole.text().startsWith("{")) {
            return whole;
        }
        boolean both = whole.text().endsWith("}");
        return whole.part(1, whole.text().length() - (both ? 1 : 0));
    }

    /** Parted by semicolons or lines; where there are none, by commas. */
    private static List<EntryPart> rows(EntryPart whole) {
        List<EntryPart> rows = new ArrayList<>(whole.splitOutside(c -> c == ';'));
        rows.removeIf(EntryPart::isBlank);
        if (rows.size() > 1) {
            return rows;
        }
        List<EntryPart> parts = whole.splitOutside(c -> c == ',');
        boolean each = parts.stream().allMatch(part -> parted(part.stripped())
                .filter(row -> row.condition().isPresent() || part == parts.getLast())
                .isPresent());
        if (each || parts.size() % 2 == 1) {
            return each ? parts : rows;
        }
        List<EntryPart> pairs = new ArrayList<>();
        for (int i = 0; i < parts.size(); i += 2) {
            EntryPart condition = parts.get(i + 1);
            int from = parts.get(i).at() - whole.at();
            pairs.add(whole.part(
                    from, condition.at() - whole.at() + condition.text().length()));
        }
        return pairs;
    }

    /** By a word, an ampersand, brackets or a colon; by a comma only where nothing else is there. */
    private static Optional<Row> parted(EntryPart row) {
        Matcher first = FIRST.matcher(row.text());
        if (first.matches()) {
            return Optional.of(new Row(group(row, first, 2), Optional.of(group(row, first, 1))));
        }
        Matcher otherwise = OTHERWISE.matcher(row.text());
        if (otherwise.matches()) {
            return Optional.of(new Row(withoutComma(group(row, otherwise, 1)), Optional.empty()));
        }
        Matcher marked = MARKED.matcher(row.text());
        Matcher found = marked.matches() ? marked : BRACKET.matcher(row.text());
        if (found.matches()) {
            return Optional.of(new Row(withoutComma(group(row, found, 1)), Optional.of(group(row, found, 2))));
        }
        List<EntryPart> sides = row.splitOutside(c -> c == ':');
        return sides.size() == 2 && SIGN.matcher(sides.getFirst().text()).find()
                ? Optional.of(new Row(sides.get(1), Optional.of(sides.getFirst())))
                : Optional.empty();
    }

    private static Optional<Row> withComma(EntryPart row) {
        List<EntryPart> sides = row.splitOutside(c -> c == ',');
        return sides.size() == 2 ? Optional.of(new Row(sides.get(0), Optional.of(sides.get(1)))) : Optional.empty();
    }

    private static EntryPart group(EntryPart row, Matcher found, int group) {
        return row.part(found.start(group), found.end(group));
    }

    private static EntryPart withoutComma(EntryPart rule) {
        int end = rule.text().stripTrailing().length();
        return rule.part(0, end > 0 && ",:@".indexOf(rule.text().charAt(end - 1)) >= 0 ? end - 1 : end);
    }

    private Reading all(List<EntryPart> rows) {
        List<Statement> read = new ArrayList<>();
        for (EntryPart row : rows) {
            Optional<Row> both = parted(row.stripped()).or(() -> withComma(row));
            if (both.isEmpty()) {
                return new Reading.Stopped(
                        Problem.CONDITION_MISSING, row.stripped().at());
            }
            switch (one(both.get())) {
                case Reading.Stopped stopped -> {
                    return stopped;
                }
                case Reading.Understood(Statement piece) -> read.add(piece);
            }
        }
        return new Reading.Understood(new Statement.Delimited('{', read, '}'));
    }

    private Reading one(Row row) {
        Reading rule = placed(Parser.read(row.rule().text(), rules), row.rule());
        if (!(rule instanceof Reading.Understood(Statement value))
                || row.condition().isEmpty()) {
            return rule instanceof Reading.Understood(Statement value)
                    ? new Reading.Understood(new Statement.Delimited('(', List.of(value), ')'))
                    : rule;
        }
        EntryPart when = row.condition().get();
        String text = when.text().replaceAll("[,.]\\s*$", "");
        Reading condition = placed(Parser.read(SetWords.taken(text, letter), conditions), when);
        return condition instanceof Reading.Understood(Statement set)
                ? new Reading.Understood(new Statement.Delimited('(', List.of(value, set), ')'))
                : condition;
    }

    private static Reading placed(Reading reading, EntryPart part) {
        return reading instanceof Reading.Stopped(Problem problem, int at)
                ? new Reading.Stopped(problem == Problem.BLANK ? Problem.INCOMPLETE : problem, part.at() + at)
                : reading;
    }
}
