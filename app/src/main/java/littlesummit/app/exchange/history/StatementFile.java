package littlesummit.app.exchange.history;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.app.web.Problem;

/** A file of statements: one a line, or an array of them. Nothing in it is trusted. */
final class StatementFile {
    private static final int MOST = 20_000;
    private static final int TITLE = 200;
    private static final int VERB = 60;
    private static final int ID = 100;
    private static final ObjectMapper JSON = new ObjectMapper();

    private StatementFile() {}

    /** A line: a statement that was understood, or a sentence that says why not. */
    sealed interface Line {
        /** @param at number of the line, or place in the array, from 1 */
        record Read(int at, Who who, OutsideDeed deed) implements Line {}

        record Refused(int at, String says) implements Line {}
    }

    /**
     * Whose statement it is, as far as it says.
     *
     * @param account name of the account; empty for none
     * @param mail what stands before the sign of an address of mail; empty for none
     * @param name empty for none
     */
    record Who(String account, String mail, String name) {
        String shown() {
            return !name.isEmpty() ? name : !account.isEmpty() ? account : mail;
        }
    }

    static List<Line> lines(byte[] file, Instant now) {
        String text = new String(file, StandardCharsets.UTF_8)
                .replaceFirst("^\uFEFF", "")
                .strip();
        if (text.isEmpty()) {
            throw Problem.badRequest("This file is empty.");
        }
        List<Line> lines = text.startsWith("[") ? ofArray(text, now) : ofLines(text, now);
        if (lines.size() > MOST) {
            throw Problem.badRequest("This file has more than 20,000 statements. Take it in several files.");
        }
        return lines;
    }

    private static List<Line> ofArray(String text, Instant now) {
        try {
            List<Line> lines = new ArrayList<>();
            for (JsonNode node : JSON.readTree(text)) {
                lines.add(line(lines.size() + 1, node, now));
            }
            return lines;
        } catch (JsonProcessingException broken) {
            throw Problem.badRequest("This file cannot be read: " + where(broken) + ".");
        }
    }

    /** What lies deeper than the parser goes has no place. */
    private static String where(JsonProcessingException broken) {
        return Optional.ofNullable(broken.getLocation())
                .map(place -> "from line " + place.getLineNr() + " on it is no JSON")
                .orElse("too much in it lies within something else");
    }

    private static List<Line> ofLines(String text, Instant now) {
        List<Line> lines = new ArrayList<>();
        String[] all = text.split("\\R");
        for (int i = 0; i < all.length && lines.size() <= MOST; i++) {
            if (!all[i].isBlank()) {
                lines.add(line(i + 1, all[i], now));
            }
        }
        return lines;
    }

    private static Line line(int at, String text, Instant now) {
        try {
            return line(at, JSON.readTree(text), now);
        } catch (JsonProcessingException broken) {
            return new Line.Refused(at, "This line is no JSON.");
        }
    }

    private static Line line(int at, JsonNode statement, Instant now) {
        String verb = lastWord(statement.path("verb").path("id").asText());
        String object = statement.path("object").path("id").asText();
        if (!statement.isObject() || verb.isEmpty() || object.isEmpty() || !statement.has("actor")) {
            return new Line.Refused(at, "This is no statement: it needs an actor, a verb and an object.");
        }
        Optional<Instant> when = when(statement.path("timestamp").asText());
        if (when.isEmpty()) {
            return new Line.Refused(at, "It does not say when this was: a timestamp is missing or cannot be read.");
        }
        if (when.get().isBefore(Instant.EPOCH)) {
            return new Line.Refused(at, "Its time lies before 1970.");
        }
        if (when.get().isAfter(now)) {
            return new Line.Refused(at, "Its time lies in the future.");
        }
        JsonNode result = statement.path("result");
        JsonNode scaled = result.path("score").path("scaled");
        OutsideDeed deed = new OutsideDeed(
                cut(statement.path("id").asText(object + "@" + when.get()), ID),
                when.get(),
                cut(verb, VERB),
                cut(title(statement.path("object"), object), TITLE),
                result.path("success").isBoolean()
                        ? Optional.of(result.path("success").asBoolean())
                        : Optional.empty(),
                scaled.isNumber()
                        ? Optional.of((int) Math.round(Math.clamp(scaled.asDouble(), 0, 1) * 100))
                        : Optional.empty());
        return new Line.Read(at, who(statement.path("actor")), deed);
    }

    private static Who who(JsonNode actor) {
        String mail = actor.path("mbox").asText().replaceFirst("^mailto:", "");
        int sign = mail.indexOf('@');
        return new Who(
                actor.path("account").path("name").asText().strip(),
                sign > 0 ? mail.substring(0, sign).strip() : "",
                actor.path("name").asText().strip());
    }

    /** In English where it has that, else in whatever language comes first, else its address. */
    private static String title(JsonNode object, String id) {
        JsonNode names = object.path("definition").path("name");
        for (String language : List.of("en", "en-US", "en-GB")) {
            if (names.hasNonNull(language)) {
                return names.get(language).asText();
            }
        }
        return names.isObject() && !names.isEmpty() ? names.elements().next().asText() : lastWord(id);
    }

    private static String lastWord(String address) {
        return address.substring(Math.max(address.lastIndexOf('/'), address.lastIndexOf('#')) + 1)
                .strip();
    }

    private static Optional<Instant> when(String text) {
        try {
            return Optional.of(OffsetDateTime.parse(text).toInstant());
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }

    private static String cut(String text, int most) {
        String plain = text.replaceAll("\\p{Cntrl}", " ");
        return plain.length() <= most ? plain : plain.substring(0, most - 1) + "…";
    }
}
