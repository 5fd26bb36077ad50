package littlesummit.content.template;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import littlesummit.core.template.Complaint;
import littlesummit.core.template.Node;
import littlesummit.core.template.Place;

/** Turns the text of a document into nodes that know where they stood. */
public final class Documents {
    private static final int MOST_CHARACTERS = 400_000;
    private static final int MOST_DEPTH = 30;
    private static final int MOST_NODES = 20_000;
    private static final YAMLFactory YAML = YAMLFactory.builder().build();

    private final JsonParser parser;
    private int nodes;

    private Documents(JsonParser parser) {
        this.parser = parser;
    }

    /** Thrown for a text that is no document; what is wrong stands in it with its place. */
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;
        private final transient Complaint complaint;

        Unreadable(Place at, String sentence) {
            super(at + ": " + sentence);
            this.complaint = new Complaint(at, sentence);
        }

        public Complaint complaint() {
            return complaint;
        }
    }

    /** @throws Unreadable with the line, for a text that is neither YAML nor JSON, or too much */
    public static Node read(String text) throws Unreadable {
        if (text.length() > MOST_CHARACTERS) {
            throw new Unreadable(
                    Place.WHOLE,
                    "A document may have " + MOST_CHARACTERS + " characters; this one has " + text.length() + ".");
        }
        try (JsonParser parser = YAML.createParser(text)) {
            parser.enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION);
            if (parser.nextToken() == null) {
                throw new Unreadable(Place.WHOLE, "The document is empty.");
            }
            Node node = new Documents(parser).node("", 0);
            if (parser.nextToken() != null) {
                throw new Unreadable(place("", parser.currentTokenLocation()), "Another document begins here.");
            }
            return node;
        } catch (JsonParseException fault) {
            throw new Unreadable(place("", fault.getLocation()), sentence(fault));
        } catch (JsonProcessingException fault) {
            throw new Unreadable(place("", fault.getLocation()), sentence(fault));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static String sentence(JsonProcessingException fault) {
        String first = fault.getOriginalMessage()
                .lines()
                .findFirst()
                .orElse("This cannot be read.")
                .strip();
        return first.startsWith("Duplicate")
                ? "This key stands here a second time."
                : "This is no YAML: " + first + ".";
    }

    private static Place place(String path, JsonLocation location) {
        return location == null
                ? new Place(path, 0, 0)
                : new Place(path, Math.max(0, location.getLineNr()), Math.max(0, location.getColumnNr()));
    }

    private Node node(String path, int depth) throws IOException, Unreadable {
        Place at = place(path, parser.currentTokenLocation());
        if (depth > MOST_DEPTH || ++nodes > MOST_NODES) {
            throw new Unreadable(at, depth > MOST_DEPTH ? "This is nested too deeply." : "The document is too long.");
        }
        return switch (parser.currentToken()) {
            case START_OBJECT -> mapping(path, at, depth);
            case START_ARRAY -> listing(path, at, depth);
            case VALUE_NULL -> throw new Unreadable(at, "Nothing stands behind this key.");
            default -> new Node.Scalar(parser.getText(), at);
        };
    }

    private Node mapping(String path, Place at, int depth) throws IOException, Unreadable {
        Map<String, Node> entries = new LinkedHashMap<>();
        while (parser.nextToken() != JsonToken.END_OBJECT) {
            String key = parser.currentName();
            parser.nextToken();
            entries.put(key, node(path.isEmpty() ? key : path + "." + key, depth + 1));
        }
        return new Node.Mapping(entries, at);
    }

    private Node listing(String path, Place at, int depth) throws IOException, Unreadable {
        List<Node> items = new ArrayList<>();
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            items.add(node(path + "[" + (items.size() + 1) + "]", depth + 1));
        }
        return new Node.Listing(items, at);
    }
}
