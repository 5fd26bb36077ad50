package littlesummit.app.web;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * States and events as they are kept in the database. What cannot be read again is a damage of ours, never of a
 * visitor.
 */
@Component
public class Json {
    private static final TypeReference<Map<String, String>> TEXTS = new TypeReference<>() {};
    private final ObjectMapper mapper;

    Json(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    public String write(Object value) {
        try {
            return mapper.writeValueAsString(value);
        } catch (JsonProcessingException bug) {
            throw new IllegalStateException("cannot write " + value, bug);
        }
    }

    /** @param as the sealed interface that the value is read back as */
    public <T> String write(T value, Class<T> as) {
        try {
            return mapper.writerFor(as).writeValueAsString(value);
        } catch (JsonProcessingException bug) {
            throw new IllegalStateException("cannot write " + value, bug);
        }
    }

    public <T> T read(String text, Class<T> type) {
        try {
            return mapper.readValue(text, type);
        } catch (JsonProcessingException damaged) {
            throw new IllegalStateException("cannot read " + type.getSimpleName(), damaged);
        }
    }

    /** In the newest shape. */
    public <T> String write(T value, Schema<T> as) {
        return write(value, as.type());
    }

    /** @param schema number of the shape that the text was written in */
    public <T> T read(String text, int schema, Schema<T> as) {
        try {
            return mapper.treeToValue(as.lifted(mapper.readValue(text, ObjectNode.class), schema), as.type());
        } catch (JsonProcessingException damaged) {
            throw new IllegalStateException("cannot read " + as.type().getSimpleName(), damaged);
        }
    }

    public Map<String, String> texts(String text) {
        try {
            return mapper.readValue(text, TEXTS);
        } catch (JsonProcessingException damaged) {
            throw new IllegalStateException("cannot read texts", damaged);
        }
    }
}
