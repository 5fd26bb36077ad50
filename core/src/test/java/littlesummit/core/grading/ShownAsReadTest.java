package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;

import java.util.Set;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Syntax;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stands below a field while one types: the entry as it was understood, typeset and spoken. */
class ShownAsReadTest {
    private static final Syntax SYNTAX = Syntax.expression(Set.of("x"));

    private static Reading read(Kind kind, String entry) {
        return AnswerSpec.of(kind, Form.Shape.ANY, "1").read(entry);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "time # 14:30 # 14{:}30 # 14:30",
                "time # 9.05 pm # 21{:}05 # 21:05",
                "time # 0:00 # 0{:}00 # 0:00",
                "time # 10:20:05 # 10{:}20{:}05 # 10:20:05",
                "time # 23:59:59 # 23{:}59{:}59 # 23:59:59",
                "time # 2:30 # 2{:}30 # 2:30",
                "remainder # 7 r 2 # 7\\ \\text{R}\\ 2 # 7, remainder 2",
                "matrix # [[1, 2], [3, 4]] # \\begin{pmatrix} 1 & 2 \\\\ 3 & 4 \\end{pmatrix}"
                        + " # the matrix with the row 1, 2; next row: 3, 4",
                "matrix # [5; 6] # \\begin{pmatrix} 5 \\\\ 6 \\end{pmatrix} # the matrix with the row 5; next row: 6",
                "pieces # 2x if x < 3; 7 otherwise # \\begin{cases} 2x & \\text{if } x < 3 \\\\ 7 & \\text{otherwise}"
                        + " \\end{cases} # 2 x, if x is less than 3; 7, otherwise",
                "date # 24/12 # \\text{24 December} # 24 December"
            })
    void eachKindKeepsItsWayOfWriting(String kind, String entry, String latex, String spoken) {
        Kind of = Kind.of(kind).orElseThrow();
        Reading.Understood understood = assertInstanceOf(Reading.Understood.class, read(of, entry), entry);
        KindPrinter printer = new KindPrinter(of, false);
        assertEquals(latex, printer.latex(understood.statement()));
        assertEquals(spoken, printer.spoken(understood.statement()));
    }

    @ParameterizedTest
    @CsvSource({"'2, 4, 6', 2 : 4 : 6, 2 to 4 to 6", "'1, 3', 1 : 3, 1 to 3"})
    void severalNumbersOfARatioStandBetweenColons(String entry, String latex, String spoken) {
        Reading.Understood understood = assertInstanceOf(Reading.Understood.class, read(Kind.PAIR, entry));
        KindPrinter printer = new KindPrinter(Kind.PAIR, true);
        assertEquals(latex, printer.latex(understood.statement()));
        assertEquals(spoken, printer.spoken(understood.statement()));
    }

    /** Where reading of a matrix stops, and at which place of the entry. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "'' # BLANK # 0",
                "'   ' # BLANK # 0",
                "5 # MATRIX # 0",
                "[1 2; 3 4] x # UNEXPECTED # 10",
                "[[1, 2], [3, ]] # INCOMPLETE # 12",
                "[[1, 2], [3, 4+]] # INCOMPLETE # 15",
                "[[1, 2], [3, x=4]] # UNEXPECTED # 12",
                "x=2 [1 2; 3 4] # UNEXPECTED # 0",
                "? [1 2; 3 4] # UNEXPECTED # 0",
                "[1 2 3 4 5 6 7; 1 2 3 4 5 6 7] # TOO_LARGE # 0",
                "[1; 2; 3; 4; 5; 6; 7] # TOO_LARGE # 0"
            })
    void whatAMatrixCannotBeIsSaidAtItsPlace(String entry, Reading.Problem problem, int at) {
        assertEquals(new Reading.Stopped(problem, at), MatrixText.read(entry, SYNTAX));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "[1 2 3 4 5 6; 1 2 3 4 5 6]",
                "[1; 2; 3; 4; 5; 6]",
                "\\left[\\begin{array}{cc} 1 & 2 \\\\ 3 & 4 \\end{array}\\right]",
                "2 * [1 2; 3 4]",
                "-[[1, 2], [3, 4]]"
            })
    void othersAreRead(String entry) {
        assertInstanceOf(Reading.Understood.class, MatrixText.read(entry, SYNTAX), entry);
    }
}
