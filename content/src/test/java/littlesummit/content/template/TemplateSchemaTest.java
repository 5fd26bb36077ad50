package littlesummit.content.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.util.Set;
import java.util.stream.Stream;
import littlesummit.core.template.TemplateSkill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The schema takes what the reader takes, and refuses what that refuses for its shape; checked by another house. */
class TemplateSchemaTest {
    private static final JsonSchema SCHEMA = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
            .getSchema(Resources.text("template.schema.json"));

    private static Set<ValidationMessage> validated(String yaml) {
        try {
            return SCHEMA.validate(new YAMLMapper().readTree(yaml));
        } catch (JsonProcessingException fault) {
            throw new AssertionError(fault);
        }
    }

    static Stream<String> documents() {
        return Stream.concat(
                Stream.of(Sample.TEXT, Templates.starter()),
                Templates.shipped().stream().map(TemplateSkill::id).map(id -> Templates.document(id)
                        .orElseThrow()));
    }

    @ParameterizedTest
    @MethodSource("documents")
    void whatShipsIsValid(String document) {
        assertEquals(Set.of(), validated(document));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            quoteCharacter = '`',
            value = {
                "tiers: [3] #tiers: [4]",
                "skill: goat-milk #skill: Goat Milk",
                "slip: added #slp: added",
                "tier 2: What is left over. #tier 4: What",
                "math: n * size} #maths: n * size}",
                "hints: [\"How much is in one can?\", #hints: [",
                "n: 3..9 #N: 3..9",
            })
    void whatTheReaderRefusesForItsShapeIsNotValid(String old, String changed) {
        String document = Sample.with(old.strip(), changed.strip());
        assertFalse(Sample.complaints(document).isEmpty());
        assertFalse(validated(document).isEmpty());
    }
}
