package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import java.time.Instant;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.converter.json.Jackson2ObjectMapperBuilder;

class DatesTest {
    private static final ObjectMapper MAPPER;

    static {
        Jackson2ObjectMapperBuilder builder = Jackson2ObjectMapperBuilder.json();
        new WebConfiguration().readAndWritten().customize(builder);
        MAPPER = builder.build();
    }

    @Test
    void whatAClassHasToDoWithIsRead() throws JsonProcessingException {
        assertEquals(
                Instant.parse("2031-01-01T10:00:00Z"), MAPPER.readValue("\"2031-01-01T10:00:00Z\"", Instant.class));
        assertEquals(LocalDate.of(2027, 2, 28), MAPPER.readValue("\"2027-02-28\"", LocalDate.class));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "+1000000000-12-31T23:59:59Z",
                "-1000000000-01-01T00:00:00Z",
                "1899-12-31T23:59:59Z",
                "+10000-01-01T00:00:00Z"
            })
    void momentsThatNoDatabaseKeepsAreNone(String moment) {
        assertThrows(InvalidFormatException.class, () -> MAPPER.readValue('"' + moment + '"', Instant.class));
    }

    @ParameterizedTest
    @ValueSource(strings = {"+999999999-12-31", "-999999999-01-01", "1899-12-31", "9999-12-31"})
    void daysThatNoDatabaseKeepsAreNone(String day) {
        assertThrows(InvalidFormatException.class, () -> MAPPER.readValue('"' + day + '"', LocalDate.class));
    }
}
