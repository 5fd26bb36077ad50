package littlesummit.app.content;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Map;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.template.Node;
import littlesummit.core.template.Place;

/**
 * An item that stands whole in the document of a skill, in the shape of our own files ({@link ItemFile}): as keys and
 * values, or, where that would be very long, packed into one line.
 */
public final class WholeItem {
    /** From here on keys and values would fill many screens: a curve has hundreds of points. */
    private static final int LONG = 12_000;

    private static final int LONGEST = 1_000_000;
    private static final String PACKED = "gzip ";
    private static final ItemRef NOWHERE = new ItemRef("whole", 1, 1, "whole", 0);
    private static final TypeReference<Map<String, Object>> KEYS = new TypeReference<>() {};

    private WholeItem() {}

    /** For a document: keys and values, where what there is none of is left out, or a line. */
    public static Object written(Item item) {
        JsonNode tree = withoutNulls(ItemShape.MAPPER.valueToTree(ItemDto.of(item)));
        String text = tree.toString();
        return text.length() > LONG
                ? PACKED + Base64.getEncoder().encodeToString(Packed.pack(text))
                : ItemShape.MAPPER.convertValue(tree, KEYS);
    }

    private static JsonNode withoutNulls(JsonNode tree) {
        if (tree instanceof ObjectNode object) {
            object.properties().removeIf(entry -> entry.getValue().isNull());
        }
        tree.forEach(WholeItem::withoutNulls);
        return tree;
    }

    /**
     * @return the item, without a skill and a seed that it was made of
     * @throws IllegalArgumentException with a sentence, where it is no item
     */
    public static Item read(Node node) {
        try {
            return ItemShape.read(node instanceof Node.Scalar(String text, Place at) ? unpacked(text) : json(node))
                    .toCore(NOWHERE);
        } catch (IllegalStateException unknown) {
            throw new IllegalArgumentException("This is no item: " + unknown.getMessage() + ".");
        }
    }

    private static JsonNode unpacked(String text) {
        try {
            byte[] packed = Base64.getDecoder().decode(text.substring(text.indexOf(' ') + 1));
            return ItemShape.MAPPER.readTree(Packed.unpack(packed, LONGEST));
        } catch (IllegalArgumentException | IOException | UncheckedIOException broken) {
            throw new IllegalArgumentException("This line is no packed item; it may have been cut.");
        }
    }

    private static JsonNode json(Node node) {
        return switch (node) {
            case Node.Scalar scalar -> JsonNodeFactory.instance.textNode(scalar.text());
            case Node.Listing listing ->
                JsonNodeFactory.instance
                        .arrayNode()
                        .addAll(listing.items().stream().map(WholeItem::json).toList());
            case Node.Mapping mapping -> {
                ObjectNode object = JsonNodeFactory.instance.objectNode();
                mapping.entries().forEach((key, value) -> object.set(key, json(value)));
                yield object;
            }
        };
    }
}
