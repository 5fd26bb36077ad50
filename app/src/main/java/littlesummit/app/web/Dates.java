package littlesummit.app.web;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import com.fasterxml.jackson.datatype.jsr310.deser.InstantDeserializer;
import com.fasterxml.jackson.datatype.jsr310.deser.LocalDateDeserializer;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;

/** Days and moments that a class can have anything to do with: no database keeps all others. */
final class Dates<T extends Temporal & Comparable<? super T>> extends StdScalarDeserializer<T> {
    private static final long serialVersionUID = 1L;
    private static final LocalDate FIRST = LocalDate.of(1900, 1, 1);
    private static final LocalDate LAST = LocalDate.of(9999, 12, 30);

    private final transient JsonDeserializer<T> any;
    private final transient T first;
    private final transient T last;

    private Dates(Class<T> type, JsonDeserializer<T> any, T first, T last) {
        super(type);
        this.any = any;
        this.first = first;
        this.last = last;
    }

    static Dates<Instant> moments() {
        return new Dates<>(Instant.class, InstantDeserializer.INSTANT, moment(FIRST), moment(LAST));
    }

    static Dates<LocalDate> days() {
        return new Dates<>(LocalDate.class, LocalDateDeserializer.INSTANCE, FIRST, LAST);
    }

    private static Instant moment(LocalDate day) {
        return Instant.EPOCH.plus(day.toEpochDay(), ChronoUnit.DAYS);
    }

    @Override
    public T deserialize(JsonParser parser, DeserializationContext context) throws IOException {
        String text = parser.getText();
        T date = any.deserialize(parser, context);
        if (date != null && (date.compareTo(first) < 0 || date.compareTo(last) > 0)) {
            throw context.weirdStringException(text, handledType(), "no date of a class");
        }
        return date;
    }
}
