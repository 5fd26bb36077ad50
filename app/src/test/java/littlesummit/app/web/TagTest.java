package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TagTest {
    private static final Tag MINE = Tag.of("mine");
    private static final Tag HERE = Tag.of("here");

    /** RFC 9110, section 8.8.3: a strong entity tag is an opaque string of visible characters in quotes. */
    @Test
    void hasTheFormOfAnEntityTag() {
        assertTrue(HERE.value().matches("\"[\\x21\\x23-\\x7E]+\""), HERE.value());
    }

    @Test
    void ofEntriesDoesNotMindOrderOrEmptyFields() {
        Tag tag = Tag.ofEntries(List.of(Map.of("a", "1", "b", "2"), Map.of()));
        assertEquals(tag, Tag.ofEntries(List.of(Map.of("b", "2", "a", "1", "c", " "))));
    }

    @Test
    void ofEntriesTellsPartsFieldsAndTextsApart() {
        Tag tag = Tag.ofEntries(List.of(Map.of("a", "1")));
        assertNotEquals(tag, Tag.ofEntries(List.of(Map.of("a", "2"))));
        assertNotEquals(tag, Tag.ofEntries(List.of(Map.of("b", "1"))));
        assertNotEquals(tag, Tag.ofEntries(List.of(Map.of(), Map.of("a", "1"))));
    }

    @Test
    void letsPassWhatIsBuiltOnItAndWhatChangesNothing() {
        assertDoesNotThrow(() -> HERE.require(Optional.of(HERE.value()), MINE, "here"));
        assertDoesNotThrow(() -> HERE.require(Optional.empty(), MINE, "here"));
        assertDoesNotThrow(() -> HERE.require(Optional.of("\"old\""), HERE, "here"));
    }

    @Test
    void refusesWhatIsBuiltOnAnotherVersionAndShowsWhatIsHere() {
        Problem refused = assertThrows(Problem.class, () -> HERE.require(Optional.of("\"old\""), MINE, "here"));
        assertEquals(412, refused.status().value());
        assertEquals(Map.of("tag", HERE.value(), "current", "here"), refused.more());
    }
}
