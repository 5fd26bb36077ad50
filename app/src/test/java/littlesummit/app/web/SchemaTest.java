package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

class SchemaTest {
    record Kettle(String name, int litres, String colour) {}

    /** Shape 1 had millilitres; shape 2 litres; shape 3 has a colour besides. */
    private static final UnaryOperator<ObjectNode> LITRES =
            old -> old.put("litres", old.remove("millilitres").intValue() / 1000);

    private static final UnaryOperator<ObjectNode> COLOUR = old -> old.put("colour", "grey");
    private static final Schema<Kettle> SCHEMA = new Schema<>(Kettle.class, List.of(LITRES, COLOUR));
    private final Json json = new Json(new ObjectMapper());

    @Test
    void aTextIsLiftedFromTheShapeThatItWasWrittenIn() {
        Kettle kettle = new Kettle("soup", 12, "grey");
        assertEquals(kettle, json.read("{\"name\":\"soup\",\"millilitres\":12000}", 1, SCHEMA));
        assertEquals(kettle, json.read("{\"name\":\"soup\",\"litres\":12}", 2, SCHEMA));
        assertEquals(kettle, json.read(json.write(kettle, SCHEMA), SCHEMA.newest(), SCHEMA));
        assertEquals(3, SCHEMA.newest());
    }

    @Test
    void aShapeOfANewerProgramIsNotGuessedAt() {
        for (int unknown : new int[] {0, 4}) {
            assertTrue(assertThrows(IllegalStateException.class, () -> json.read("{}", unknown, SCHEMA))
                    .getMessage()
                    .contains("of shape " + unknown));
        }
    }

    @Test
    void whatIsDamagedSaysWhatItWas() {
        assertTrue(assertThrows(IllegalStateException.class, () -> json.read("{\"name\":", 3, SCHEMA))
                .getMessage()
                .contains("Kettle"));
    }
}
