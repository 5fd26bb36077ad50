package littlesummit.app.own;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.dataformat.yaml.YAMLGenerator;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import java.util.Map;

/** The text of a document that a program has put together. */
public final class DocumentText {
    private static final YAMLMapper YAML = YAMLMapper.builder()
            .disable(YAMLGenerator.Feature.WRITE_DOC_START_MARKER)
            .enable(YAMLGenerator.Feature.INDENT_ARRAYS_WITH_INDICATOR)
            .build();

    private DocumentText() {}

    /** @param remarks lines that begin with #, for its author */
    public static String of(CharSequence remarks, Map<String, Object> document) {
        try {
            return remarks + YAML.writeValueAsString(document);
        } catch (JsonProcessingException bug) {
            throw new IllegalStateException(bug);
        }
    }
}
