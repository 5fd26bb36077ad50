package littlesummit.content.code.measure;

import java.util.List;
import littlesummit.core.skill.Draw;

/**
 * Something of the valley with a plausible mass.
 *
 * @param grams the least and most plausible, from common experience
 */
record Thing(String name, int least, int most) {
    private static final List<Thing> LIGHT = List.of(
            new Thing("a slice of cheese", 20, 60),
            new Thing("a wool sock", 40, 90),
            new Thing("an egg", 50, 70),
            new Thing("a pocket map", 60, 120),
            new Thing("a tin cup", 80, 200),
            new Thing("a candle", 60, 250),
            new Thing("a bell of a kid goat", 100, 300),
            new Thing("a pair of gloves", 80, 200));
    private static final List<Thing> HEAVY = List.of(
            new Thing("a grown goat", 40_000, 70_000),
            new Thing("a full rucksack", 8_000, 18_000),
            new Thing("a wool blanket", 2_000, 4_000),
            new Thing("a coil of rope", 3_000, 6_000),
            new Thing("a full soup kettle", 8_000, 20_000),
            new Thing("a sledge", 5_000, 12_000),
            new Thing("a wheel of cheese", 4_000, 9_000),
            new Thing("a rescue dog", 25_000, 40_000));

    static Thing light(Draw draw) {
        return draw.oneOf(LIGHT);
    }

    static Thing heavy(Draw draw) {
        return draw.oneOf(HEAVY);
    }
}
