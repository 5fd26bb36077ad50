package littlesummit.app.demo;

import java.util.List;
import java.util.Locale;

/**
 * A student of the valley school, invented, as the demo lets one work.
 *
 * @param skillfulness chance in percent of answering right
 * @param weeks of the last six in which there was work
 * @param punctual whether it came before its date
 * @param knew skills shown in a check at the start, none without a check
 */
record Villager(String name, int skillfulness, int weeks, boolean punctual, List<String> knew) {
    static final Villager NELA = new Villager(
            "Nela Brisk",
            85,
            6,
            true,
            List.of("place-value", "compare-whole", "tile-length", "line-kinds", "congruent-segments"));
    static final List<Villager> OTHERS = List.of(
            new Villager(
                    "Ansa Holm",
                    90,
                    6,
                    true,
                    List.of("place-value", "compare-whole", "tile-length", "mass-sense", "line-kinds")),
            new Villager("Bero Linden", 70, 5, false, List.of()),
            new Villager("Cilla Moss", 76, 6, true, List.of()),
            new Villager("Dario Fenn", 55, 4, false, List.of()),
            new Villager("Edda Rook", 82, 6, true, List.of("place-value", "compare-whole", "mass-sense")),
            new Villager("Falko Steen", 74, 2, true, List.of()),
            new Villager("Greta Vane", 34, 6, false, List.of()),
            new Villager("Hanno Quill", 88, 6, true, List.of("place-value", "line-kinds", "select-shapes")),
            new Villager("Isa Marl", 79, 6, true, List.of()),
            new Villager(
                    "Jory Thane",
                    95,
                    6,
                    true,
                    List.of(
                            "place-value",
                            "compare-whole",
                            "integer-add-subtract",
                            "absolute-value",
                            "tile-length",
                            "mass-sense",
                            "mass-problems")));

    String username() {
        return name.split(" ")[0].toLowerCase(Locale.ROOT);
    }
}
