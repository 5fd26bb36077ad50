package littlesummit.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedWriter;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Skill;

/**
 * Prints items of a skill, keys and mistakes included, for people who write generators; docs/formats.md describes the
 * fields.
 */
final class ItemsCommand {
    private ItemsCommand() {}

    static int run(List<String> options, BufferedWriter out) throws IOException {
        if (options.contains("--list")) {
            for (Skill skill : new Catalogue().skills()) {
                out.write(skill.id());
                out.newLine();
            }
            return 0;
        }
        Optional<Map<String, String>> read = named(options);
        Optional<Skill> skill = read.map(r -> r.get("skill")).flatMap(new Catalogue()::find);
        if (skill.isEmpty()) {
            System.err.println("usage: items --skill ID [--tier 1..3] [--count N] [--seed S], or items --list");
            return 2;
        }
        try {
            print(skill.get(), read.get(), out);
            return 0;
        } catch (IllegalArgumentException bad) {
            System.err.println("items: " + bad.getMessage());
            return 2;
        }
    }

    private static Optional<Map<String, String>> named(List<String> options) {
        Map<String, String> named = new HashMap<>();
        for (int i = 0; i + 1 < options.size(); i += 2) {
            if (!List.of("--skill", "--tier", "--count", "--seed").contains(options.get(i))) {
                return Optional.empty();
            }
            named.put(options.get(i).substring(2), options.get(i + 1));
        }
        return options.size() % 2 == 0 ? Optional.of(named) : Optional.empty();
    }

    private static void print(Skill skill, Map<String, String> options, BufferedWriter out) throws IOException {
        int count = Integer.parseInt(options.getOrDefault("count", "3"));
        long seed = Long.parseLong(options.getOrDefault("seed", "1"));
        for (int i = 0; i < count; i++) {
            int tier = options.containsKey("tier") ? Integer.parseInt(options.get("tier")) : i % 3 + 1;
            out.write(JsonLines.JSON.writeValueAsString(node(skill.make(tier, seed + i))));
            out.newLine();
        }
    }

    private static ObjectNode object() {
        return JsonNodeFactory.instance.objectNode();
    }

    static ObjectNode node(Item item) {
        ObjectNode node = object();
        String seed = String.valueOf(item.ref().seed());
        node.put(
                "id",
                item.ref().skill() + "-" + item.ref().tier() + "-" + item.ref().variant() + "-" + seed);
        node.put("skill", item.ref().skill())
                .put("tier", item.ref().tier())
                .put("seed", seed)
                .put("variant", item.ref().variant())
                .put("version", item.ref().version())
                .put("stem", stem(item.stem()));
        figure(item).ifPresent(f -> node.set("figure", figure(f)));
        ArrayNode parts = node.putArray("parts");
        item.parts().forEach(p -> parts.add(part(p)));
        ArrayNode worked = node.putArray("worked");
        item.worked().forEach(step -> worked.addObject().put("say", step.say()).put("math", step.math()));
        return node;
    }

    private static String stem(List<Block> blocks) {
        StringBuilder text = new StringBuilder();
        for (Block block : blocks) {
            text.append(text.isEmpty() ? "" : "\n")
                    .append(
                            switch (block) {
                                case Block.Text(String t) -> t;
                                case Block.Formula(String latex) -> "$" + latex + "$";
                                case Block.Table(var head, var rows) ->
                                    String.join(" | ", head)
                                            + rows.stream()
                                                    .map(r -> "\n" + String.join(" | ", r))
                                                    .reduce("", String::concat);
                                case Block.Picture(Figure figure) -> "[" + figure.alt() + "]";
                            });
        }
        return text.toString();
    }

    private static Optional<Figure> figure(Item item) {
        Optional<Figure> inStem = item.stem().stream()
                .filter(Block.Picture.class::isInstance)
                .map(b -> ((Block.Picture) b).figure())
                .findFirst();
        return inStem.or(() -> item.parts().stream()
                .filter(p -> p.layout() instanceof Layout.OnFigure)
                .map(p -> ((Layout.OnFigure) p.layout()).figure())
                .findFirst());
    }

    private static ObjectNode figure(Figure figure) {
        ObjectNode node = JsonLines.JSON.valueToTree(figure);
        return object().put("kind", figure.getClass().getSimpleName())
                .put("alt", figure.alt())
                .setAll(node);
    }

    private static ObjectNode part(Part part) {
        ObjectNode node = object().put("prompt", part.prompt());
        ArrayNode fields = node.putArray("fields");
        part.fields().forEach(f -> fields.add(field(f)));
        ArrayNode hints = node.putArray("hints");
        part.hints().forEach(hints::add);
        return node;
    }

    private static ObjectNode field(Field field) {
        ObjectNode node = object().put("id", field.id())
                .put("kind", field.answer().kind().code())
                .put("form", field.answer().form().code())
                .put("expected", field.answer().key());
        if (!field.answer().suffix().isEmpty()) {
            node.put("suffix", field.answer().suffix());
        }
        if (!field.answer().letters().isEmpty()) {
            ArrayNode letters = node.putArray("variables");
            field.answer().letters().stream().sorted().forEach(letters::add);
        }
        List<Option> options = field.response().options();
        if (!field.answer().options().isEmpty()) {
            ArrayNode list = node.putArray("options");
            if (options.isEmpty()) {
                field.answer().options().stream().sorted().forEach(id -> list.addObject()
                        .put("id", id));
            }
            options.forEach(o -> list.addObject()
                    .put("id", o.id())
                    .put("text", o.figure().map(Figure::alt).orElse(o.text())));
        }
        node.put("wanted", field.wanted())
                .put("response", field.response().getClass().getSimpleName());
        ArrayNode mistakes = node.putArray("mistakes");
        field.mistakes().forEach(m -> mistakes.addObject()
                .put("entry", m.entry())
                .put("slip", m.slip())
                .put("message", m.message()));
        return node;
    }
}
