package littlesummit.core.template;

import static org.junit.jupiter.api.Assertions.assertEquals;

import littlesummit.core.math.LatexPrinter;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AsWrittenTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a*x + b | a=1; b=-4 | x-4",
                "a*x + b | a=-1; b=4 | -x+4",
                "a*x + b | a=3; b=0 | 3x",
                "a*x + b | a=0; b=4 | 4",
                "x - c | c=0 | x",
                "(x - c)^2 | c=0 | x^{2}",
                "a - c | a=2; c=0 | 2-0",
                "a*x - b | a=2; b=-4 | 2x+4",
                "a*x^2 + b*x + c | a=1; b=-1; c=2 | x^{2}-x+2",
                "x^n | n=1 | x",
                "x^n | n=-2 | x^{-2}",
                "x / n | n=1 | x",
                "a + b | a=7; b=-4 | 7+\\left(-4\\right)",
                "a - b | a=7; b=-4 | 7-\\left(-4\\right)",
                "a + b | a=-7; b=4 | -7+4",
                "a * b | a=3; b=-4 | 3\\cdot \\left(-4\\right)",
                "a * b | a=1; b=5 | 1\\times 5",
                "a / b | a=3; b=4 | \\frac{3}{4}",
                "a + b | a=1/2; b=1/3 | \\frac{1}{2}+\\frac{1}{3}",
                "price * n | price=5.50; n=3 | 5.50\\times 3",
                "value(a + b) | a=7; b=-4 | 3",
                "m * value(total / n) | m=4; total=9; n=3 | 4\\times 3",
                "bracket(a) - b | a=-7; b=2 | \\left(-7\\right)-2",
                "bracket(a + b) * c | a=1; b=2; c=3 | \\left(1+2\\right)\\times 3",
                "plus(list) / n | list=[4 7]; n=2 | \\frac{4+7}{2}",
                "a*x + b = c | a=1; b=-4; c=5 | x-4 = 5",
                "(a, b) | a=1; b=-4 | \\left(1, -4\\right)",
                "x < a or x > b | a=1; b=4 | x < 1\\text{ or }x > 4",
                "expand((x + a)^2) | a=1 | x^{2}+2x+1",
                "left + 1 | left=2x-3 | 2x-3+1",
                "a/b = box/c | a=3; b=4; c=12 | \\frac{3}{4} = \\frac{\\square}{12}",
                "item(list, 1) + item(list, 2) | list=[4 -7] | 4+\\left(-7\\right)",
                "item(list, 1)*x - item(list, 2) | list=[1 -7] | x+7",
                "box + a | a=-4 | \\square-4",
                "box + 1 | box=7 | 7+1",
            })
    void mathematicsStaysAsItIsWrittenWithTheNumbersPutIn(String formula, String given, String latex) {
        Formulas formulas = Formulas.with(given);
        String written = LatexPrinter.latex(formulas.evaluator().put(formulas.formula(formula), AsWritten.Style.LATEX));
        assertEquals(latex, written.strip());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a - b | a=7; b=-4 | 7 - (-4)",
                "a*x + b | a=1; b=-4 | x - 4",
                "bracket(a)^2 | a=-3 | (-3)^2",
                "box*a | a=3 | □*3"
            })
    void typedItHasTheSameBrackets(String formula, String given, String plain) {
        Formulas formulas = Formulas.with(given);
        assertEquals(
                plain, PlainStatement.of(formulas.evaluator().put(formulas.formula(formula), AsWritten.Style.PLAIN)));
    }
}
