package littlesummit.app.content;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.app.web.SealedTypes;
import org.springframework.http.converter.json.Jackson2ObjectMapperBuilder;

/** Reads an item that may come from anywhere: nothing may be missing in it, and nothing be what is unknown here. */
final class ItemShape {
    static final ObjectMapper MAPPER = Jackson2ObjectMapperBuilder.json()
            .annotationIntrospector(new SealedTypes())
            .featuresToEnable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    /** Farther out no figure goes: it could not be drawn. */
    private static final double FARTHEST = 1e6;

    private ItemShape() {}

    /** @throws IllegalArgumentException with a sentence, where it is no item */
    static ItemDto read(JsonNode tree) {
        if (!tree.isObject()) {
            throw new IllegalArgumentException("This is no item.");
        }
        try {
            ItemDto item = MAPPER.treeToValue(tree, ItemDto.class);
            fault(MAPPER.valueToTree(item), "").ifPresent(sentence -> {
                throw new IllegalArgumentException(sentence);
            });
            return item;
        } catch (JsonMappingException fault) {
            throw new IllegalArgumentException(place(fault) + " is not what belongs there in an item.");
        } catch (JsonProcessingException fault) {
            throw new IllegalArgumentException("This is no item.");
        }
    }

    private static String place(JsonMappingException fault) {
        String path = fault.getPath().stream()
                .map(at -> at.getFieldName() == null ? "[" + (at.getIndex() + 1) + "]" : "." + at.getFieldName())
                .collect(Collectors.joining());
        return path.isEmpty() ? "What stands here" : "“" + path.replaceFirst("^\\.", "") + "”";
    }

    private static Optional<String> fault(JsonNode tree, String path) {
        if (tree.isNull()) {
            return Optional.of("“" + path + "” is missing in this item.");
        }
        if (tree.isNumber() && !(Math.abs(tree.doubleValue()) <= FARTHEST)) {
            return Optional.of("The number “" + path + "” is too large to be drawn.");
        }
        Stream<String> named = tree.properties().stream()
                .flatMap(key -> inside(tree, key, path.isEmpty() ? key.getKey() : path + "." + key.getKey()).stream());
        Stream<String> numbered = IntStream.range(0, tree.isArray() ? tree.size() : 0)
                .mapToObj(i -> fault(tree.get(i), path + "[" + (i + 1) + "]"))
                .flatMap(Optional::stream);
        return Stream.concat(named, numbered).findFirst();
    }

    private static Optional<String> inside(JsonNode around, Map.Entry<String, JsonNode> key, String at) {
        return key.getValue().isNull() && mayBeMissing(around, key.getKey())
                ? Optional.empty()
                : fault(key.getValue(), at);
    }

    /** An item without a second view, an option without a picture. */
    private static boolean mayBeMissing(JsonNode around, String key) {
        return key.equals("second") && around.has("parts") || key.equals("figure") && around.has("text");
    }
}
