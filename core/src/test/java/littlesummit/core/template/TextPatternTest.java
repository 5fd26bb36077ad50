package littlesummit.core.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TextPatternTest {
    private static void writes(String text, String given, String written) {
        Formulas formulas = Formulas.with(given);
        assertEquals(written, formulas.text(text).write(formulas.evaluator()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{n} ropes | n=12000 | 12,000 ropes",
                "{n as plain} | n=2026 | 2026",
                "$n$ ropes | n=12000 | $12{,}000$ ropes",
                "$n + 1$ ropes | n=1234 | $1234+1$ ropes",
                "$n$ | n=1234567.12345 | $1{,}234{,}567.12345$",
                "$n$ | n=0.12345 | $0.12345$",
                "{n as plain} | n=120000 | 120000",
                "{n as plain} | n=-120000 | $-120000$",
                "{t} degrees | t=-4 | $-4$ degrees",
                "{a} | a=3/4 | $\\frac{3}{4}$",
                "{a as mixed} | a=7/4 | $1\\frac{3}{4}$",
                "{a as mixed} | a=8/4 | $2$",
                "{a as fraction} | a=0.75 | $\\frac{3}{4}$",
                "{p as percent} off | p=0.25 | 25% off",
                "{p as money} | p=16.5 | \\$16.50",
                "{p as money} | p=16 | \\$16",
                "{p as money} | p=1234.5 | \\$1,234.50",
                "{p} litres | p=16.50 | 16.50 litres",
                "{p as 1 place} | p=2 | 2.0",
                "he says {n as words} | n=90042 | he says ninety thousand forty-two",
                "{n as Words} ropes | n=21 | Twenty-one ropes",
                "at {t as clock} | t=845 | at 14:05",
                "at {t as clock} | t=9 | at 0:09",
                "{n * 2} steps | n=600 | 1,200 steps",
                "Take $a*x + b$. | a=1; b=-4 | Take $x-4$.",
                "It costs \\$5. | n=1 | It costs \\$5.",
                "{{first}} of {n} | n=3 | {{first}} of 3",
                "{list} | list=[4 7 1] | 4, 7, 1",
                "{list as list} | list=[4 7 1] | 4, 7 and 1",
            })
    void valuesAreWrittenAsOneWouldWriteThem(String text, String given, String written) {
        writes(text, given, written);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "{n} {w} # n=1; w=word loaf/loaves # 1 loaf",
                "{n} {w} # n=3; w=word loaf/loaves # 3 loaves",
                "{n} {w} # n=0; w=word loaf/loaves # 0 loaves",
                "{n} {w} # n=0.5; w=word loaf/loaves # 0.5 loaves",
                "one {w} # w=word loaf/loaves # one loaf",
                "Each {w} # w=word loaf/loaves # Each loaf",
                "12 {w} # w=word loaf/loaves # 12 loaves",
                "a bag of {w as many} # w=word loaf/loaves # a bag of loaves",
                "It is {w as a}. # w=word egg/eggs/an # It is an egg.",
                "{n} {n of hour|hours} # n=1 # 1 hour",
                "{n} {n of hour|hours} # n=2 # 2 hours",
                "{w as A} falls. # w=word egg/eggs/an # An egg falls.",
            })
    void wordsAgreeWithTheirNumber(String text, String given, String written) {
        writes(text, given, written);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "It costs $5. | A dollar sign stands alone",
                "{n | A brace stands alone",
                "{m} | nothing is called “m” here",
                "{n as gold} | and not as “gold”",
                "$n + $ | it ends too early",
            })
    void whatMeansNothingIsRefused(String text, String why) {
        Refused refused = assertThrows(Refused.class, () -> Formulas.with("n=1").text(text));
        assertTrue(
                refused.complaint().sentence().contains(why),
                refused.complaint().sentence());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{a as money} | a=1/3 | round it first",
                "{a as 2 places} | a=0.125 | round it first",
                "{a as clock} | a=1440 | time of day",
                "{a as words} | a=1/2 | only whole numbers",
                "{a as words} | a=-3 | from zero to",
                "{a as words} | a=1000000000 | from zero to",
            })
    void nothingIsRoundedInSilence(String text, String given, String why) {
        Formulas formulas = Formulas.with(given);
        Unmade unmade = assertThrows(Unmade.class, () -> formulas.text(text).write(formulas.evaluator()));
        assertTrue(
                unmade.complaint().sentence().contains(why), unmade.complaint().sentence());
    }
}
