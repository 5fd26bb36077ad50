package littlesummit.app.served;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;

/** A part opens empty unless something was typed in it. */
class DraftTest {
    /** Five parts, of which two call their field alike. */
    private static final Item LESSON = new littlesummit.content.code.lesson.PercentDiscountLesson().make(1, 1);

    private static Draft typed(List<Map<String, String>> entries) {
        return Draft.of(LESSON, entries).orElseThrow();
    }

    @Test
    void fieldsOfTheSameNameInTwoPartsAreTwo() {
        assertEquals(
                LESSON.parts().get(2).fields().getFirst().id(),
                LESSON.parts().get(4).fields().getFirst().id());
        Draft draft = typed(List.of(Map.of(), Map.of(), Map.of("answer", "60"), Map.of(), Map.of()));

        assertEquals(Map.of("answer", "60"), draft.typed(LESSON).get(2));
        assertEquals(Map.of(), draft.typed(LESSON).get(4));
    }

    @Test
    void whatIsNotOfTheItemIsNoDraft() {
        assertTrue(Draft.of(LESSON, List.of(Map.of("other", "60"))).isEmpty());
        assertTrue(Draft.of(LESSON, List.of(Map.of("answer", "60"))).isEmpty());
        assertTrue(Draft.of(LESSON, List.of(Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), Map.of("answer", "1")))
                .isEmpty());
    }

    /** Drafts of earlier releases knew the field alone. */
    @Test
    void anOldDraftIsFoundWhereItCanOnlyBelongToOnePart() {
        Item one = new Catalogue().require("mean").make(1, 1);
        String field = one.parts().getFirst().fields().getFirst().id();

        assertEquals(
                Map.of(field, "17"), new Draft(Map.of(field, "17")).typed(one).getFirst());
        assertTrue(new Draft(Map.of("answer", "60")).typed(LESSON).stream().allMatch(Map::isEmpty));
    }
}
