package littlesummit.app.web;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import com.fasterxml.jackson.databind.deser.std.StringDeserializer;
import com.fasterxml.jackson.databind.type.LogicalType;
import java.io.IOException;

/** Texts without the character NUL: nobody types or sees it, and not every database keeps it. */
final class WithoutNul extends StdScalarDeserializer<String> {
    private static final long serialVersionUID = 1L;

    WithoutNul() {
        super(String.class);
    }

    @Override
    public LogicalType logicalType() {
        return LogicalType.Textual;
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) throws IOException {
        String text = StringDeserializer.instance.deserialize(parser, context);
        return text == null ? null : text.replace("\0", "");
    }
}
