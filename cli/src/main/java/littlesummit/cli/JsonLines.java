package littlesummit.cli;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;

/** One JSON object a line in, one a line out, in order and in constant memory. */
final class JsonLines {
    static final ObjectMapper JSON = new ObjectMapper()
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .setVisibility(PropertyAccessor.IS_GETTER, JsonAutoDetect.Visibility.NONE);

    private JsonLines() {}

    /** Answers one object; says what is wrong with it by {@link BadLine}. */
    interface Answer {
        void answer(JsonNode in, ObjectNode out);
    }

    /** What is wrong with one line; the run goes on. */
    static final class BadLine extends RuntimeException {
        private static final long serialVersionUID = 1L;

        BadLine(String message) {
            super(message);
        }
    }

    /** @return the exit code: 0, or 1 when a line was wrong */
    static int each(BufferedReader in, BufferedWriter out, Answer answer) throws IOException {
        int code = 0;
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            if (!line.isBlank()) {
                ObjectNode result = answered(line, answer);
                code = result.has("error") ? 1 : code;
                out.write(JSON.writeValueAsString(result));
                out.newLine();
                if (!in.ready()) {
                    out.flush();
                }
            }
        }
        return code;
    }

    private static ObjectNode answered(String line, Answer answer) {
        ObjectNode result = JsonNodeFactory.instance.objectNode();
        try {
            JsonNode in = JSON.readTree(line);
            result.set("id", in.isObject() && in.has("id") ? in.get("id") : JsonNodeFactory.instance.nullNode());
            if (!in.isObject()) {
                throw new BadLine("not a JSON object");
            }
            answer.answer(in, result);
        } catch (JsonProcessingException notJson) {
            result.putNull("id");
            result.put("error", "not valid JSON: " + notJson.getOriginalMessage());
        } catch (BadLine bad) {
            result.put("error", bad.getMessage());
        }
        return result;
    }

    /** A field that must be there and be text. */
    static String text(JsonNode in, String field) {
        JsonNode value = in.get(field);
        if (value == null || !value.isTextual()) {
            throw new BadLine("the field \"" + field + "\" is missing or not text");
        }
        return value.textValue();
    }
}
