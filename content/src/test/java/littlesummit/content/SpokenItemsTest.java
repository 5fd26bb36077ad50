package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import littlesummit.core.item.WorkedStep;
import littlesummit.core.math.SpokenText;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What every item says can be read aloud. */
class SpokenItemsTest {
    static Stream<String> texts() {
        return TestItems.chosen()
                .flatMap(s -> IntStream.range(0, 12).mapToObj(i -> TestItems.made(s, i % 3 + 1, i)))
                .flatMap(SpokenItemsTest::texts)
                .distinct();
    }

    private static Stream<String> texts(Item item) {
        Stream<String> stem =
                item.stem().stream().filter(Block.Text.class::isInstance).map(b -> ((Block.Text) b).text());
        Stream<String> hints =
                item.parts().stream().flatMap(p -> Stream.concat(Stream.of(p.prompt()), p.hints().stream()));
        return Stream.of(stem, hints, item.worked().stream().map(WorkedStep::say))
                .flatMap(s -> s)
                .distinct();
    }

    @ParameterizedTest
    @MethodSource("texts")
    void noSignOfTheSourceIsReadOut(String text) {
        String spoken = SpokenText.of(text);

        assertFalse(
                spoken.contains("\\") || spoken.contains("{") || spoken.contains("$"), () -> text + " -> " + spoken);
    }
}
