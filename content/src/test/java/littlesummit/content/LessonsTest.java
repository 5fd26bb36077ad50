package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Lesson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What every guided lesson has: two situations, fewer questions in the second, and a picture to fill in in both. */
class LessonsTest {
    private static final int SEEDS = 60;

    static Stream<Lesson> lessons() {
        return new Catalogue().lessons().stream();
    }

    private static Stream<Item> items(Lesson lesson, int tier) {
        return Stream.iterate(1L, seed -> seed + 1).limit(SEEDS).map(seed -> lesson.make(tier, seed));
    }

    /** The words of the stem without its numbers. */
    private static String words(Item item) {
        return item.stem().stream()
                .filter(block -> block instanceof Block.Text || block instanceof Block.Formula)
                .map(Block::toString)
                .collect(Collectors.joining(" "))
                .replaceAll("[0-9{},]+", "#");
    }

    /** Something to shade, to label, to plot, or a table to fill in. */
    private static boolean isFilledIn(Part part) {
        return part.layout() instanceof Layout.OnFigure
                || part.layout() instanceof Layout.InTable
                || part.fields().stream()
                        .map(field -> field.response())
                        .anyMatch(r -> r instanceof Response.Shade || r instanceof Response.PlotPoint);
    }

    @Test
    void thereAreTenEachOnASkillOfItsOwn() {
        Set<String> taught = lessons().map(Lesson::teaches).collect(Collectors.toSet());

        assertEquals(lessons().count(), taught.size());
        assertTrue(taught.size() >= 10, taught.size() + " lessons");
        assertTrue(taught.stream().allMatch(id -> new Catalogue().find(id).isPresent()));
    }

    @ParameterizedTest
    @MethodSource("lessons")
    void theSecondSituationAsksLess(Lesson lesson) {
        for (long seed = 1; seed <= SEEDS; seed++) {
            int guided = lesson.make(1, seed).parts().size();
            int freer = lesson.make(2, seed).parts().size();
            assertTrue(freer < guided, seed + ": " + freer + " parts after " + guided);
            assertTrue(freer >= 2, "a chain has more than one link");
        }
    }

    @ParameterizedTest
    @MethodSource("lessons")
    void bothSituationsHaveSomethingToFillIn(Lesson lesson) {
        for (int tier = 1; tier <= 2; tier++) {
            assertTrue(
                    items(lesson, tier).allMatch(item -> item.parts().stream().anyMatch(LessonsTest::isFilledIn)));
        }
    }

    @ParameterizedTest
    @MethodSource("lessons")
    void theTwoSituationsAreTwo(Lesson lesson) {
        Set<String> first = items(lesson, 1).map(LessonsTest::words).collect(Collectors.toSet());
        Set<String> second = items(lesson, 2).map(LessonsTest::words).collect(Collectors.toSet());
        Set<String> both = new HashSet<>(first);
        both.retainAll(second);

        assertEquals(Set.of(), both);
    }

    @ParameterizedTest
    @MethodSource("lessons")
    void anotherOneLikeItHasOtherNumbers(Lesson lesson) {
        for (int tier = 1; tier <= 2; tier++) {
            List<Item> made = items(lesson, tier).toList();
            assertNotEquals(1, made.stream().map(Item::fingerprint).distinct().count());
            assertTrue(made.stream().map(Item::fingerprint).distinct().count() >= 12, lesson.id() + " repeats itself");
        }
    }
}
