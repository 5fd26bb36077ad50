package littlesummit.content.code.fraction;

import java.util.List;
import littlesummit.core.skill.Draw;

/**
 * Something that the valley sells.
 *
 * @param from least plausible price in dollars
 * @param to greatest
 */
record Ware(String name, int from, int to) {
    private static final List<Ware> ALL = List.of(
            new Ware("wool blanket", 40, 120),
            new Ware("lantern", 20, 60),
            new Ware("climbing rope", 60, 180),
            new Ware("wheel of cheese", 40, 100),
            new Ware("pair of snowshoes", 60, 160),
            new Ware("soup kettle", 40, 140),
            new Ware("sledge", 60, 200),
            new Ware("rucksack", 60, 160),
            new Ware("rain cape", 40, 100),
            new Ware("season ticket for the cable way", 80, 240));

    static Ware draw(Draw draw) {
        return draw.oneOf(ALL);
    }

    /** Something that can be a little damaged and still be sold. */
    static Ware drawSolid(Draw draw) {
        return draw.oneOf(ALL.stream()
                .filter(w -> !w.name.contains("ticket") && !w.name.contains("cheese") && !w.name.contains("rope"))
                .toList());
    }

    String article() {
        return "a " + name;
    }

    String capital() {
        return "A " + name;
    }
}
