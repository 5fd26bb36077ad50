package littlesummit.content.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;

import java.util.List;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.template.TemplateHelp;
import littlesummit.core.template.TemplateReading;
import littlesummit.core.template.TemplateSkill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A figure of the reference can be copied into a document as it stands there. */
class TemplateHelpFiguresTest {
    static Stream<TemplateHelp.Line> figures() {
        return TemplateHelp.all().stream()
                .filter(topic -> topic.title().equals("Figures"))
                .flatMap(topic -> topic.lines().stream());
    }

    @ParameterizedTest
    @MethodSource("figures")
    void eachIsDrawnInAnItem(TemplateHelp.Line line) {
        String document = Templates.starter()
                .replaceFirst("(?m)^    parts:", "    stem: [{figure: " + line.example() + "}]\n    parts:");
        TemplateReading.Understood read = assertInstanceOf(
                TemplateReading.Understood.class,
                Templates.read(document),
                () -> line + ": " + Templates.read(document));
        List<Block> stem = new TemplateSkill(read.template()).make(1, 1).stem();
        assertEquals(1, stem.stream().filter(Block.Picture.class::isInstance).count(), line.written());
    }
}
