package littlesummit.app.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.regex.Pattern;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Our own file of an item, which may come back from anywhere. */
class ItemFileTest {
    private static final Item ITEM = new Catalogue().require("two-way-read").make(2, 7);

    @Test
    void anItemIsTakenAsLongAsTheFileBesideItIsTheSame() {
        String text = ItemFile.write(ITEM, "<a/>");
        assertEquals(Optional.of(ITEM), ItemFile.read(text, "<a/>"));
        assertEquals(Optional.empty(), ItemFile.read(text, "<a />"));
        assertEquals(ITEM, ItemFile.read(text));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{", "7", "null", "[]", "{}", "{\"item\":null}", "{\"ref\":{},\"item\":{}}"})
    void whatIsNoItemIsSaid(String text) {
        assertThrows(IllegalArgumentException.class, () -> ItemFile.read(text));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "\"stem\":[ # \"stem\":[null, # “stem[1]” is missing",
                "\"parts\":[ # \"parts\":[null, # “parts[1]” is missing",
                "\"ref\":{ # \"ref\":7,\"r\":{ # what it was made of",
                "\"hints\":[ # \"hints\":[null, # “parts[1].hints[1]” is missing",
                "\"worked\":[ # \"worked\":7,\"w\":[ # “worked” is not what belongs there",
            })
    void whatIsMissingIsNamed(String old, String changed, String sentence) {
        String text = ItemFile.write(ITEM, "").replaceFirst(Pattern.quote(old.strip()), changed.strip());
        String said = assertThrows(IllegalArgumentException.class, () -> ItemFile.read(text))
                .getMessage();
        assertTrue(said.contains(sentence.strip()), said);
    }
}
