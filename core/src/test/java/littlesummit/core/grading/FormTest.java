package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class FormTest {
    @ParameterizedTest
    @EnumSource(Form.Shape.class)
    void everyShapeIsFoundByItsName(Form.Shape shape) {
        assertEquals(Optional.of(shape), Form.of(shape.code()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"decimal:0", "decimal:2", "percent:1", "solved:x", "unit:kg", "lowest-terms"})
    void aNameStandsForItsForm(String code) {
        assertEquals(code, Form.of(code).orElseThrow().code());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "decimal:",
                "decimal:x",
                "decimal:1.5",
                "decimal:100",
                "decimal:-1",
                "solved:",
                "solved:xy",
                "unit:furlong",
                "other:1",
                ":",
                "Lowest-Terms"
            })
    void anythingElseIsNone(String code) {
        assertEquals(Optional.empty(), Form.of(code));
    }

    @ParameterizedTest
    @CsvSource({"true", "false"})
    void placesHaveALimit(boolean percent) {
        String name = percent ? "percent:" : "decimal:";
        assertEquals(true, Form.of(name + Form.MOST_PLACES).isPresent());
        assertEquals(false, Form.of(name + (Form.MOST_PLACES + 1)).isPresent());
    }
}
