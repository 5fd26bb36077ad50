package littlesummit.core.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Syntax;

/**
 * Matrices: {@code [[1, 2], [3, 4]]}, {@code [1 2; 3 4]}, LaTeX's {@code pmatrix} and its like, each with a factor in
 * front or not. Read as a row of rows.
 */
final class MatrixText {
    private static final int MOST = 6;
    private static final Pattern LATEX = Pattern.compile(
            "\\\\begin\\{[pbvBV]?(?:matrix|array)}(?:\\{[lcr|]*})?"
                    + "(.*?)(?:\\\\\\\\\\s*)?\\\\end\\{[pbvBV]?(?:matrix|array)}",
            Pattern.DOTALL);
    /** Brackets that grow with what is in them: LaTeX has them beside those of the matrix. */
    private static final Pattern AROUND = Pattern.compile(
            "\\\\left\\s*[\\[(|](?=\\s*\\\\begin)|(?<=}|\\s)\\\\right\\s*[\\])|]\\s*$|\\\\left|\\\\right");

    private static final Pattern NESTED = Pattern.compile("[\\[({]\\s*([\\[({].*[])}])\\s*[])}]", Pattern.DOTALL);
    private static final Pattern ROW = Pattern.compile("[\\[({]([^\\[\\](){}]*(?:\\([^()]*\\)[^\\[\\](){}]*)*)[])}]");
    private static final Pattern FLAT = Pattern.compile("[\\[(](.*;.*)[])]", Pattern.DOTALL);

    private MatrixText() {}

    static Reading read(String entry, Syntax syntax) {
        String text = AROUND.matcher(entry)
                .replaceAll(found -> " ".repeat(found.group().length()));
        if (text.isBlank()) {
            return new Reading.Stopped(Problem.BLANK, 0);
        }
        Matcher latex = LATEX.matcher(text);
        if (latex.find()) {
            return matrix(text, latex, new EntryPart(latex.group(1), latex.start(1)).split("\\\\\\\\"), "&", syntax);
        }
        Matcher nested = NESTED.matcher(text);
        if (nested.find()) {
            return matrix(text, nested, inner(nested), ",", syntax);
        }
        Matcher flat = FLAT.matcher(text);
        if (flat.find()) {
            List<EntryPart> rows = new EntryPart(flat.group(1), flat.start(1)).split(";");
            boolean commas = rows.stream().anyMatch(row -> row.text().indexOf(',') >= 0);
            return matrix(text, flat, rows, commas ? "," : "\\s+", syntax);
        }
        return new Reading.Stopped(Problem.MATRIX, 0);
    }

    private static List<EntryPart> inner(Matcher nested) {
        List<EntryPart> rows = new ArrayList<>();
        Matcher row = ROW.matcher(nested.group(1));
        while (row.find()) {
            rows.add(new EntryPart(row.group(1), nested.start(1) + row.start(1)));
        }
        return rows;
    }

    /** @param found the matrix in the text: a factor may stand before it, and nothing behind */
    private static Reading matrix(String text, Matcher found, List<EntryPart> rows, String between, Syntax syntax) {
        if (!text.substring(found.end()).isBlank()) {
            return new Reading.Stopped(Problem.UNEXPECTED, found.end());
        }
        String front = text.substring(0, found.start()).replaceAll("(\\*|·|×|\\\\cdot|\\\\times)\\s*$", "");
        Reading factor = Parser.read(front.isBlank() ? "1" : front.strip().equals("-") ? "-1" : front, syntax);
        if (!(factor instanceof Reading.Understood(Statement.Value(Expr times)))) {
            return factor instanceof Reading.Stopped ? factor : new Reading.Stopped(Problem.UNEXPECTED, 0);
        }
        List<Statement> read = new ArrayList<>();
        for (EntryPart row : rows) {
            List<Statement> cells = new ArrayList<>();
            for (EntryPart cell : row.stripped().split(between)) {
                switch (Parser.read(cell.text(), syntax)) {
                    case Reading.Stopped(Problem problem, int at) -> {
                        return new Reading.Stopped(
                                problem == Problem.BLANK ? Problem.INCOMPLETE : problem, cell.at() + at);
                    }
                    case Reading.Understood(Statement.Value(Expr value)) ->
                        cells.add(new Statement.Value(front.isBlank() ? value : Expr.product(times, value)));
                    case Reading.Understood other -> {
                        return new Reading.Stopped(Problem.UNEXPECTED, cell.at());
                    }
                }
            }
            read.add(new Statement.Delimited('[', cells, ']'));
        }
        return read.size() > MOST
                        || read.stream()
                                .anyMatch(row ->
                                        row instanceof Statement.Delimited(char o, var c, char e) && c.size() > MOST)
                ? new Reading.Stopped(Problem.TOO_LARGE, 0)
                : new Reading.Understood(new Statement.Delimited('[', read, ']'));
    }
}
