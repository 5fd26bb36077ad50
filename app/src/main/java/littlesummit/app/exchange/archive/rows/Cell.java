package littlesummit.app.exchange.archive.rows;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.IOException;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;

/** A value of a row as JSON: moments and days as ISO 8601 writes them, bytes as Base64, everything else as itself. */
final class Cell {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private Cell() {}

    static JsonNode read(ResultSet row, Column column) throws SQLException {
        JsonNode value =
                switch (column.type()) {
                    case Types.INTEGER, Types.SMALLINT, Types.BIGINT -> JSON.numberNode(row.getLong(column.name()));
                    case Types.BOOLEAN, Types.BIT -> JSON.booleanNode(row.getBoolean(column.name()));
                    case Types.TIMESTAMP_WITH_TIMEZONE -> {
                        OffsetDateTime at = row.getObject(column.name(), OffsetDateTime.class);
                        yield at == null
                                ? JSON.nullNode()
                                : JSON.textNode(at.toInstant().toString());
                    }
                    case Types.DATE -> {
                        LocalDate day = row.getObject(column.name(), LocalDate.class);
                        yield day == null ? JSON.nullNode() : JSON.textNode(day.toString());
                    }
                    case Types.BLOB, Types.VARBINARY, Types.BINARY -> {
                        byte[] bytes = row.getBytes(column.name());
                        yield bytes == null ? JSON.nullNode() : JSON.binaryNode(bytes);
                    }
                    default -> {
                        String text = row.getString(column.name());
                        yield text == null ? JSON.nullNode() : JSON.textNode(text);
                    }
                };
        return row.wasNull() ? JSON.nullNode() : value;
    }

    /** @throws IllegalArgumentException for a value of another type */
    static void write(PreparedStatement to, int place, Column column, JsonNode value) throws SQLException {
        if (value.isNull()) {
            to.setNull(place, column.type());
            return;
        }
        switch (column.type()) {
            case Types.INTEGER, Types.SMALLINT, Types.BIGINT -> {
                must(value.canConvertToLong() && value.isIntegralNumber());
                to.setLong(place, value.longValue());
            }
            case Types.BOOLEAN, Types.BIT -> {
                must(value.isBoolean());
                to.setBoolean(place, value.booleanValue());
            }
            case Types.TIMESTAMP_WITH_TIMEZONE -> to.setObject(place, moment(value));
            case Types.DATE -> to.setObject(place, day(value));
            case Types.BLOB, Types.VARBINARY, Types.BINARY -> to.setBytes(place, bytes(value));
            default -> {
                must(value.isTextual());
                to.setString(place, value.textValue());
            }
        }
    }

    private static OffsetDateTime moment(JsonNode value) {
        try {
            return Instant.parse(value.asText()).atOffset(ZoneOffset.UTC);
        } catch (DateTimeException none) {
            throw new IllegalArgumentException(none);
        }
    }

    private static LocalDate day(JsonNode value) {
        try {
            return LocalDate.parse(value.asText());
        } catch (DateTimeException none) {
            throw new IllegalArgumentException(none);
        }
    }

    static byte[] bytes(JsonNode value) {
        must(value.isTextual() || value.isBinary());
        try {
            return value.binaryValue();
        } catch (IOException none) {
            throw new IllegalArgumentException(none);
        }
    }

    private static void must(boolean fits) {
        if (!fits) {
            throw new IllegalArgumentException("another type");
        }
    }
}
