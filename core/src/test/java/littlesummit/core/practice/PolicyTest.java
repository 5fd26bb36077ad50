package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PolicyTest {
    private static final Field TYPED =
            Field.typed("typed", "Answer", "a number", AnswerSpec.number(Form.Shape.INTEGER, "7"));

    private static Field choice(int options) {
        List<Option> all = IntStream.range(0, options)
                .mapToObj(i -> Option.of("o" + i, "option " + i))
                .toList();
        return Field.choice("choice", "Choice", all, "o0");
    }

    private static Policy with(Policy.LineCheck lineCheck, Policy.Calculator calculator) {
        return new Policy(3, 1, 2, 1, true, true, true, lineCheck, calculator, Policy.Work.NONE);
    }

    /** A choice of many is no lucky draw, and so has the tries of what is typed. */
    @ParameterizedTest
    @CsvSource({"2,1", "5,1", "6,3"})
    void aSmallChoiceHasOneTry(int options, int tries) {
        assertEquals(tries, Policy.DEFAULT.tries(Part.of("Choose.", choice(options), "a", "b", "c")));
    }

    @ParameterizedTest
    @CsvSource({"true,3", "false,1"})
    void aPartHasTheTriesOfItsMostDemandingField(boolean typedToo, int tries) {
        List<Field> fields = typedToo ? List.of(choice(3), TYPED) : List.of(choice(3));
        Part one = Part.of("Answer.", fields.getFirst(), "a", "b", "c");
        assertEquals(tries, Policy.DEFAULT.tries(new Part(one.prompt(), fields, one.layout(), one.hints())));
    }

    @ParameterizedTest
    @CsvSource({"NEVER,true,false", "NEVER,false,false", "AS_ITEM,true,true", "AS_ITEM,false,false", "ALWAYS,false,true"
    })
    void theCalculatorIsThereWhereItIsAllowed(Policy.Calculator calculator, boolean itemAllows, boolean there) {
        assertEquals(there, with(Policy.LineCheck.NEVER, calculator).calculator(itemAllows));
    }

    @ParameterizedTest
    @CsvSource({"NEVER,true,false", "AFTER_MISS,false,false", "AFTER_MISS,true,true", "ALWAYS,false,true"})
    void linesAreCheckedWhenTheyMayBe(Policy.LineCheck lineCheck, boolean tried, boolean may) {
        assertEquals(may, with(lineCheck, Policy.Calculator.NEVER).checksLines(tried));
    }
}
