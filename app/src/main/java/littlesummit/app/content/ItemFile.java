package littlesummit.app.content;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.Optional;
import littlesummit.app.web.Digest;
import littlesummit.core.item.Item;

/**
 * A whole item as a text of its own, to go out beside another file that says as much of it as its format can, and to
 * come back exactly. It holds the answers.
 */
public final class ItemFile {
    private ItemFile() {}

    /**
     * @param ref of what it was made
     * @param beside digest of the other file as it went out; empty for none
     */
    private record Kept(ItemRefDto ref, String beside, ItemDto item) {}

    /**
     * JSON.
     *
     * @param beside the other file
     */
    public static String write(Item item, String beside) {
        try {
            return ItemShape.MAPPER.writeValueAsString(
                    new Kept(ItemRefDto.of(item.ref()), Digest.of(beside), ItemDto.of(item)));
        } catch (JsonProcessingException bug) {
            throw new IllegalStateException(bug);
        }
    }

    /** @throws IllegalArgumentException with a sentence, for a text that is none */
    public static Item read(String text) {
        return item(tree(text));
    }

    /**
     * The item, as long as the other file has not been changed since.
     *
     * @throws IllegalArgumentException with a sentence, for a text that is none
     */
    public static Optional<Item> read(String text, String beside) {
        JsonNode tree = tree(text);
        return tree.path("beside").asText().equals(Digest.of(beside)) ? Optional.of(item(tree)) : Optional.empty();
    }

    private static JsonNode tree(String text) {
        try {
            return ItemShape.MAPPER.readTree(text);
        } catch (IOException broken) {
            throw new IllegalArgumentException("It is no JSON.");
        }
    }

    private static Item item(JsonNode tree) {
        try {
            ItemDto item = ItemShape.read(tree.path("item"));
            if (!tree.path("ref").isObject()) {
                throw new IllegalArgumentException("Nobody can tell what it was made of.");
            }
            return item.toCore(ItemShape.MAPPER
                    .treeToValue(tree.path("ref"), ItemRefDto.class)
                    .toCore());
        } catch (JsonProcessingException | IllegalStateException broken) {
            throw new IllegalArgumentException("It is no item.");
        }
    }
}
