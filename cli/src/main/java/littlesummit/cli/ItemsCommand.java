package littlesummit.cli;

import java.io.BufferedWriter;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import littlesummit.content.Catalogue;
import littlesummit.core.skill.Skill;

/**
 * Prints items of a skill or a lesson, keys and mistakes included, for people who write generators; docs/formats.md
 * describes the fields.
 */
final class ItemsCommand {
    private ItemsCommand() {}

    static int run(List<String> options, BufferedWriter out) throws IOException {
        if (options.contains("--list")) {
            for (Skill skill : all()) {
                out.write(skill.id());
                out.newLine();
            }
            return 0;
        }
        Optional<Map<String, String>> read = named(options);
        Optional<String> id = read.map(r -> r.get("skill"));
        if (id.isEmpty()) {
            System.err.println("usage: items --skill ID [--tier 1..3] [--count N] [--seed S], or items --list");
            return 2;
        }
        Optional<Skill> skill =
                all().stream().filter(s -> s.id().equals(id.get())).findFirst();
        if (skill.isEmpty()) {
            System.err.println("items: there is no skill or lesson " + id.get() + "; items --list shows all");
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

    private static List<Skill> all() {
        Catalogue catalogue = new Catalogue();
        return Stream.concat(catalogue.skills().stream(), catalogue.lessons().stream())
                .toList();
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
            out.write(JsonLines.JSON.writeValueAsString(ItemJson.of(skill.make(tier, seed + i))));
            out.newLine();
        }
    }
}
