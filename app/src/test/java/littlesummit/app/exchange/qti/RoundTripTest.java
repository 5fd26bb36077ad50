package littlesummit.app.exchange.qti;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.app.exchange.ChosenItems;
import littlesummit.app.exchange.qti.in.QtiImport;
import littlesummit.app.own.OwnSkills;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Skill;
import littlesummit.core.template.TemplateReading;
import littlesummit.core.template.TemplateSkill;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Out as a package and in again, every skill at every level: each item is what it was. */
@Execution(ExecutionMode.CONCURRENT)
class RoundTripTest {
    private static final int SEEDS = 20;
    /** In one package, as an instructor gets them. */
    private static final int TOGETHER = 5;

    private static final int LONGEST = 200_000;

    static Stream<String> skills() {
        return new Catalogue().skills().stream().map(Skill::id);
    }

    @ParameterizedTest
    @MethodSource("skills")
    void anItemComesBackAsItWentOut(String id) {
        Skill skill = new Catalogue().require(id);
        for (int tier = 1; tier <= 3; tier++) {
            for (int first = 0; first < SEEDS; first += TOGETHER) {
                comesBack(skill, tier, first);
            }
        }
    }

    private static void comesBack(Skill skill, int tier, int first) {
        List<Item> items = LongStream.range(first, first + TOGETHER)
                .mapToObj(seed -> skill.make(tier, seed))
                .toList();
        TemplateSkill back = back(new ChosenItems.Section(skill.id(), skill.name(), items));
        assertEquals(skill.name(), back.name());
        for (int i = 0; i < TOGETHER; i++) {
            ItemRef ref = new ItemRef(back.id(), 1, tier, "item-" + (i + 1) + "-1", 0);
            assertEquals(
                    content(items.get(i)), content(back.make(ref)), items.get(i).ref()::toString);
        }
    }

    /** Everything but what it was made of. */
    private static Item content(Item item) {
        return new Item(
                new ItemRef("any", 1, 1, "any", 0),
                item.stem(),
                item.parts(),
                item.worked(),
                item.second(),
                item.calculator(),
                item.given());
    }

    private static TemplateSkill back(ChosenItems.Section section) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        QtiPackage.write(out, "Items", List.of(section));
        String document = QtiImport.document(out.toByteArray());
        assertTrue(document.length() <= LONGEST, section.skill() + ": " + document.length());
        return switch (OwnSkills.document(document)) {
            case TemplateReading.Understood(var template) -> new TemplateSkill(template);
            case TemplateReading.Wrong(var complaints) -> throw new AssertionError(section.skill() + ": " + complaints);
        };
    }

    @ParameterizedTest
    @MethodSource("files")
    void levelsThatAFileDoesNotHaveAreThoseOfTheNearest(List<Integer> made, List<List<Integer>> practised) {
        Skill skill = new Catalogue().require("mean");
        TemplateSkill back = back(new ChosenItems.Section(
                "mean", "Mean", made.stream().map(tier -> skill.make(tier, 1)).toList()));
        List<List<Integer>> levels = IntStream.rangeClosed(1, made.size())
                .mapToObj(i -> IntStream.rangeClosed(1, 3)
                        .filter(tier -> back.variants(tier).contains("item-" + i + "-1"))
                        .boxed()
                        .toList())
                .toList();
        assertEquals(practised, levels);
    }

    static Stream<Arguments> files() {
        return Stream.of(
                Arguments.of(List.of(2), List.of(List.of(1, 2, 3))),
                Arguments.of(List.of(1, 3), List.of(List.of(1, 2), List.of(3))),
                Arguments.of(List.of(1, 2, 3), List.of(List.of(1), List.of(2), List.of(3))));
    }
}
