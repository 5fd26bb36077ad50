package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A message speaks of nothing that is not there, neither in the entry nor in what is asked. */
class WordingTest {
    @ParameterizedTest(name = "{0} {1}: {3} for {2} never says \"{4}\"")
    @CsvSource(
            delimiter = ';',
            value = {
                "number;fraction;81;3^4;fraction",
                "number;fraction-lowest;6;12/3+2;fraction",
                "number;mixed;6;2*3;fraction",
                "number;decimal;81;3^4;point",
                "number;decimal:2;81;3^4;point",
                "number;any;60;6;power of ten",
                "number;any;60;600;exponent",
                "number;any;0.5;2;top",
                "number;any;4;1/4;bottom",
                "number;any;60;60%;power",
                "set;any;{-5,2};1;one more",
                "set;any;{-5,2};-5,3;one more",
                "set;any;{-5,2};none;yours"
            })
    void nothingIsNamedThatIsNotThere(String kind, String form, String expected, String entry, String never) {
        String message = verdict(kind, form, expected, entry).message();

        assertFalse(message.toLowerCase(Locale.ROOT).contains(never), message);
    }

    @ParameterizedTest(name = "{0} {1}: {3} for {2} says \"{4}\"")
    @CsvSource(
            delimiter = ';',
            value = {
                "number;scientific;3.1*10^5;3.1*10^4;exponent",
                "number;any;60;600;zeros",
                "number;any;2/3;3/2;top and bottom",
                "set;any;{-5,2};-5;missing",
                "set;any;{-5,2};-5,2,3;too many",
                "set;any;{-5,2};-5,3;Check each",
                "number;any;121.36;121,36;with a point",
                "quantity;any;5 kg;5;unit",
                "number;percent;28%;28;percent sign",
                "number;any;60;60%;percent sign",
                "number;any;12;twelve apples;Words",
                "number;any;12;12 apples;Words",
                "number;any;12;12x;does not belong",
                "number;any;12;abc(4);does not belong",
                "number;any;1234567;1.234.567;one point at most",
                "number;any;12;1 2;side by side"
            })
    void whatIsThereIsNamed(String kind, String form, String expected, String entry, String says) {
        String message = verdict(kind, form, expected, entry).message();

        assertTrue(message.contains(says), message);
    }

    private static Verdict verdict(String kind, String form, String expected, String entry) {
        return Grader.grade(
                AnswerSpec.of(Kind.of(kind).orElseThrow(), Form.of(form).orElseThrow(), expected), entry);
    }

    @ParameterizedTest(name = "{1} for {0} says \"{2}\"")
    @CsvSource(
            delimiter = ';',
            value = {
                "expression;2x+3;2X+3;written small",
                "expression;2x+3;x2+3;behind a letter",
                "expression;2x+3;2y+3;does not belong",
                "expression;2x+3;two x;Words",
                "number;7;x = seven;Words",
                "expression;2x+3;2ab+3;does not belong"
            })
    void lettersThatAreNotReadAreToldApart(String kind, String expected, String entry, String says) {
        AnswerSpec answer =
                AnswerSpec.of(Kind.of(kind).orElseThrow(), Form.of("any").orElseThrow(), expected);

        String message = Grader.grade(answer.withLetters("x"), entry).message();

        assertTrue(message.contains(says), message);
    }

    @ParameterizedTest(name = "{1} for {0}: {2}")
    @CsvSource(
            delimiter = ';',
            value = {
                "a,b;a;not all",
                "a,b;a,b,c;something that does not",
                "a,b;a,c;does not fit",
                "a,b;c,d;does not fit",
                "a;b,c;does not fit"
            })
    void aChoiceOfSeveralIsToldWhichWayItIsOff(String expected, String entry, String says) {
        String message = Grader.grade(AnswerSpec.choice(expected, java.util.List.of("a", "b", "c", "d")), entry)
                .message();

        assertTrue(message.contains(says), message);
    }

    @ParameterizedTest
    @EnumSource(Reason.class)
    void everyMessageIsWholeSentencesInPlainWords(Reason reason) {
        assertTrue(reason.message().matches("[A-Z].*[.?]"), reason.message());
        assertFalse(reason.message().contains("\\") || reason.message().contains("!"), reason.message());
    }

    /** The codes that files know; other wordings of a reason share its code. */
    @Test
    void anotherWordingKeepsTheCode() {
        Set<String> codes =
                java.util.Arrays.stream(Reason.values()).map(Reason::code).collect(java.util.stream.Collectors.toSet());

        assertTrue(codes.containsAll(Set.of("power-of-ten", "reciprocal", "missing-element", "write-as-fraction")));
        assertFalse(codes.contains("digit-places") || codes.contains("work-out") || codes.contains("element-wrong"));
    }
}
