package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Nobody who typed an entry is shown LaTeX. */
class EntryTextTest {
    private static final Syntax LIST = Syntax.list();
    private static final Syntax FREE = Syntax.expression(Set.of("x"));

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = ';',
            value = {
                "\\left(3,\\right)-2);(3, )−2)", "\\frac{x+1}{2};(x+1)/2", "\\frac12x;1/2x", "x^{12}+\\sqrt{x};x^12+√x",
                "\\lbrace-5,\\:2\\rbrace;{−5, 2}", "x\\ne4;x ≠ 4", "\\frac{\\placeholder{}}{2};□/2",
                        "\\left(-\\infty,4\\right)\\cup\\emptyset;(−∞, 4) ∪ ∅",
                "\\blob+1;blob+1", "x^{-\\frac{1}{2}};x^(−1/2)"
            })
    void latexIsTurnedIntoSigns(String latex, String plain) {
        assertEquals(plain, EntryText.plain(latex, LIST));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {"3x + ?;5;'3x + ';?;''", "x+;2;x+;'';''", "2 $;0;'';2;' $'"})
    void plainTextStaysAsItIs(String entry, int at, String before, String sign, String after) {
        assertEquals(new EntryText(before, sign, after), EntryText.around(entry, at, FREE));
    }

    @ParameterizedTest(name = "{0} stops before {1}")
    @CsvSource(
            delimiter = ';',
            value = {"\\frac{1}{2}+?;?;1/2+", "\\left(3,\\right)-2);−;'(3, )'", "\\sqrt{y}+1;y;√"})
    void thePlaceIsFoundAgain(String latex, String sign, String before) {
        int at = latex.indexOf(sign.replace('−', '-'), 3);
        EntryText text = EntryText.around(latex, at, FREE);

        assertEquals(sign, text.at());
        assertEquals(before, text.before());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\\",
                "\\frac",
                "\\frac{",
                "\\frac}{",
                "^{\\sqrt",
                "\\left(",
                "{{{{\\",
                "\\text{",
                "\\placeholder",
                "}\\frac{1}"
            })
    void brokenLatexIsShownSomehow(String latex) {
        assertFalse(EntryText.plain(latex, LIST).contains("\\frac"));
    }
}
