package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import littlesummit.core.item.WorkedStep;
import littlesummit.core.skill.Catalogue;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SpokenTextTest {
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            Take the square.; Take the square.
            The price is \\$12.50 today.; The price is 12.50 dollars today.
            Snow is measured at {{pick}}.; Snow is measured at blank.
            An angle of 40°.; An angle of 40 degrees.
            $f(x) = \\frac{x^{2} + 1}{x - 3}$; f of x equals the fraction x squared plus 1, over, x minus 3, end fraction
            """)
    void readsAloud(String text, String spoken) {
        assertEquals(spoken, SpokenText.of(text));
    }

    /** Sixty forms by common practice of spoken mathematics. */
    @ParameterizedTest
    @CsvFileSource(resources = "/littlesummit/spoken.csv", delimiter = '\t', quoteCharacter = '\u0000', numLinesToSkip = 2)
    void formulasAreSaidAsInTheTable(String latex, String spoken) {
        assertEquals(spoken, SpokenText.math(latex));
    }

    static Stream<String> texts() {
        return Catalogue.all().stream().flatMap(s -> IntStream.range(0, 12).mapToObj(i -> s.make(i % 3 + 1, i))).flatMap(SpokenTextTest::texts).distinct();
    }

    private static Stream<String> texts(Item item) {
        Stream<String> stem = item.stem().stream().filter(Block.Text.class::isInstance).map(b -> ((Block.Text) b).text());
        Stream<String> hints = item.parts().stream().flatMap(p -> Stream.concat(Stream.of(p.prompt()), p.hints().stream()));
        return Stream.of(stem, hints, item.worked().stream().map(WorkedStep::say)).flatMap(s -> s).distinct();
    }

    @ParameterizedTest
    @MethodSource("texts")
    void noSignOfTheSourceIsReadOut(String text) {
        String spoken = SpokenText.of(text);

        assertFalse(spoken.contains("\\") || spoken.contains("{") || spoken.contains("$"), () -> text + " -> " + spoken);
    }
}
