package littlesummit.cli;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import littlesummit.core.working.CheckedLine;
import littlesummit.core.working.Slip;
import littlesummit.core.working.WorkCheck;

/** Checks the lines of one piece of work a line; docs/formats.md describes the fields. */
final class CheckWorkCommand {
    private CheckWorkCommand() {}

    static void answer(JsonNode in, ObjectNode out) {
        Set<String> letters = in.has("variables") ? new LinkedHashSet<>(texts(in, "variables")) : Set.of();
        String given = in.has("given") ? JsonLines.text(in, "given") : "";
        ArrayNode lines = out.putArray("lines");
        WorkCheck.check(given, letters, texts(in, "lines")).forEach(line -> write(line, lines.addObject()));
    }

    private static void write(CheckedLine line, ObjectNode out) {
        out.put("verdict", line.verdict().code());
        line.slip().map(Slip::code).ifPresent(slip -> out.put("slip", slip));
        if (!line.message().isEmpty()) {
            out.put("message", line.message());
        }
        line.place().ifPresent(place -> out.put("place", place));
        if (line.at() >= 0) {
            out.put("at", line.at());
        }
    }

    private static List<String> texts(JsonNode in, String field) {
        JsonNode list = in.get(field);
        if (list == null || !list.isArray()) {
            throw new JsonLines.BadLine("the field \"" + field + "\" is missing or not a list");
        }
        List<String> texts = new ArrayList<>();
        for (JsonNode item : list) {
            if (!item.isTextual()) {
                throw new JsonLines.BadLine("the field \"" + field + "\" holds something that is not text");
            }
            texts.add(item.textValue());
        }
        return texts;
    }
}
