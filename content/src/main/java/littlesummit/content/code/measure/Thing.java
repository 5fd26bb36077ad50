package littlesummit.content.code.measure;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Tex;

/**
 * Something of the valley with a plausible mass.
 *
 * @param name with its article
 * @param many several of them, without one
 * @param unit in which one would say its mass
 * @param least and most plausible in that unit, from common experience
 */
record Thing(String name, String many, MassUnit unit, int least, int most) {
    private static final List<Thing> ALL = List.of(
            new Thing("a snowflake", "snowflakes", MassUnit.MILLIGRAM, 2, 4),
            new Thing("an ant", "ants", MassUnit.MILLIGRAM, 3, 8),
            new Thing("a grain of rice", "grains of rice", MassUnit.MILLIGRAM, 20, 30),
            new Thing("a bee", "bees", MassUnit.MILLIGRAM, 80, 120),
            new Thing("a slice of cheese", "slices of cheese", MassUnit.GRAM, 20, 60),
            new Thing("a wool sock", "wool socks", MassUnit.GRAM, 40, 90),
            new Thing("an egg", "eggs", MassUnit.GRAM, 50, 70),
            new Thing("a pocket map", "pocket maps", MassUnit.GRAM, 60, 120),
            new Thing("a tin cup", "tin cups", MassUnit.GRAM, 80, 200),
            new Thing("a candle", "candles", MassUnit.GRAM, 60, 250),
            new Thing("a bell of a kid goat", "bells of kid goats", MassUnit.GRAM, 100, 300),
            new Thing("a wool blanket", "wool blankets", MassUnit.KILOGRAM, 2, 4),
            new Thing("a coil of rope", "coils of rope", MassUnit.KILOGRAM, 3, 6),
            new Thing("a wheel of cheese", "wheels of cheese", MassUnit.KILOGRAM, 4, 9),
            new Thing("a sledge", "sledges", MassUnit.KILOGRAM, 5, 12),
            new Thing("a full soup kettle", "full soup kettles", MassUnit.KILOGRAM, 10, 20),
            new Thing("a rescue dog", "rescue dogs", MassUnit.KILOGRAM, 25, 40),
            new Thing("a grown goat", "grown goats", MassUnit.KILOGRAM, 40, 70),
            new Thing("a loaded hay wagon", "loaded hay wagons", MassUnit.TONNE, 2, 5),
            new Thing("a cabin of the cable way", "cabins of the cable way", MassUnit.TONNE, 1, 3),
            new Thing("a snow groomer", "snow groomers", MassUnit.TONNE, 7, 12),
            new Thing("a bus to the valley", "buses to the valley", MassUnit.TONNE, 10, 18));

    /** Any of them. */
    static Thing any(Draw draw) {
        return draw.oneOf(ALL);
    }

    static Thing of(MassUnit unit, Draw draw) {
        return draw.oneOf(ALL.stream().filter(t -> t.unit == unit).toList());
    }

    /** So many different ones, each at least three times as heavy as the one before it. */
    static List<Thing> apart(int many, Draw draw) {
        List<Thing> chosen = new ArrayList<>();
        for (Thing thing : draw.shuffled(ALL)) {
            if (chosen.size() < many && chosen.stream().allMatch(other -> areApart(thing, other))) {
                chosen.add(thing);
            }
        }
        return chosen;
    }

    private static boolean areApart(Thing a, Thing b) {
        return a.milligrams(a.least) >= 3 * b.milligrams(b.most) || b.milligrams(b.least) >= 3 * a.milligrams(a.most);
    }

    /** A plausible mass in its unit; a round one where it is large. */
    int mass(Draw draw) {
        int step = most > 50 ? 10 : 1;
        return step * draw.between((least + step - 1) / step, most / step);
    }

    long milligrams(int inUnit) {
        return inUnit * unit.milligrams();
    }

    /** What one of them weighs about, in milligrams. */
    long about() {
        return milligrams(least + most) / 2;
    }

    /** An amount in milligrams as people say it: in the largest unit in which it is at least one. */
    static String said(long milligrams) {
        MassUnit unit = MassUnit.fitting(milligrams);
        return Tex.grouped(Rational.of(milligrams, unit.milligrams())) + " " + unit.sign();
    }
}
