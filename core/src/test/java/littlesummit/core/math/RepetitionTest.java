package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;

import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Decimals of small fractions as any table of fractions and decimals gives them (common practice, no source). */
class RepetitionTest {
    @ParameterizedTest
    @CsvSource({
        "1/3, 0.333..., 0.33..., '0.\\overline{3}', '0.333 repeating, with 3'",
        "1/6, 0.1666..., 0.166..., '0.1\\overline{6}', ''",
        "7/22, 0.31818..., 0.31818..., '0.3\\overline{18}', ''",
        "1/7, 0.142857142857..., 0.142857142857..., '0.\\overline{142857}', ''",
        "1/3, 0.(3), 0.33..., '0.\\overline{3}', ''",
        "1/3, 0.3…, 0.33..., '0.\\overline{3}', ''",
        "1/3, '0.\\bar{3}', 0.33..., '0.\\overline{3}', ''",
        "7/22, '0.3\\overline{18}', 0.31818..., '0.3\\overline{18}', ''",
        "11/9, 1.(2), 1.22..., '1.\\overline{2}', ''"
    })
    void isReadAndPrinted(String fraction, String entry, String plain, String latex, String ignored) {
        Expr read = Parser.expr(entry, Syntax.number());

        assertEquals(Canonical.of(Parser.expr(fraction, Syntax.number())), Canonical.of(read));
        assertEquals(plain, PlainPrinter.plain(read));
        assertEquals(latex, LatexPrinter.latex(read));
        assertEquals(read, Parser.expr(PlainPrinter.plain(read), Syntax.number()), "read back");
    }

    @ParameterizedTest
    @ValueSource(strings = {"0.12...", "0.3(18)", "3...", "0....", "0.(a)", "0.()"})
    void whatDoesNotShowItsPeriodIsNotRead(String entry) {
        assertInstanceOf(Reading.Stopped.class, Parser.read(entry, Syntax.number()));
    }

    @ParameterizedTest
    @CsvSource({"0.333..., '0.3 with 3 repeating'", "0.31818..., '0.318 with 18 repeating'"})
    void isSpoken(String entry, String spoken) {
        assertEquals(spoken, SpokenPrinter.spoken(Parser.expr(entry, Syntax.number())));
    }

    /** In a line of work 2.5(4) is a product, as it is often written there. */
    @ParameterizedTest
    @ValueSource(strings = {"2.5(4)"})
    void isAProductInALine(String line) {
        assertInstanceOf(Expr.Product.class, Parser.expr(line, Syntax.line(Set.of())));
    }
}
