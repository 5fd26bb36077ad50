package littlesummit.content.code.measure;

import java.util.List;
import littlesummit.core.skill.Draw;

/**
 * Something of the valley of which several weigh the same.
 *
 * @param least and most that one weighs, in grams or in kilograms, from common experience
 */
record Load(String one, String many, int least, int most) {
    /** In grams. */
    private static final List<Load> LIGHT = List.of(
            new Load("candle", "candles", 60, 250),
            new Load("tin cup", "tin cups", 80, 200),
            new Load("wool sock", "wool socks", 40, 90),
            new Load("goat bell", "goat bells", 100, 300),
            new Load("trail map", "trail maps", 60, 120),
            new Load("bread roll", "bread rolls", 50, 90));
    /** In kilograms. */
    private static final List<Load> HEAVY = List.of(
            new Load("wool blanket", "wool blankets", 2, 4),
            new Load("coil of rope", "coils of rope", 3, 6),
            new Load("sledge", "sledges", 5, 12),
            new Load("wheel of cheese", "wheels of cheese", 4, 9),
            new Load("sack of oats", "sacks of oats", 10, 25));

    static Load light(Draw draw) {
        return draw.oneOf(LIGHT);
    }

    static Load heavy(Draw draw) {
        return draw.oneOf(HEAVY);
    }

    /** A mass in its range, a multiple of ten for grams. */
    int grams(Draw draw) {
        return 10 * draw.between((least + 9) / 10, most / 10);
    }

    int kilograms(Draw draw) {
        return draw.between(least, most);
    }
}
