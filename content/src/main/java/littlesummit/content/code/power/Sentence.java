package littlesummit.content.code.power;

import java.util.List;
import littlesummit.core.skill.Draw;

/**
 * Something in the valley that is counted or measured, of a plausible size.
 *
 * @param from least exponent of ten that suits it
 * @param to greatest
 * @param text with # for the number
 */
record Sentence(int from, int to, String text) {
    private static final List<Sentence> ALL = List.of(
            new Sentence(3, 4, "The rescue post keeps # metres of steel wire on its drums."),
            new Sentence(3, 5, "Last winter the cable way carried # passengers."),
            new Sentence(3, 4, "The goat dairy ripened # cheeses in ten years."),
            new Sentence(4, 6, "The weather station has stored # readings."),
            new Sentence(5, 7, "The lake above the hut holds # litres of water."),
            new Sentence(6, 7, "Over its life, the main wheel of the cable way has turned # times."),
            new Sentence(5, 7, "The snow field behind the hut is thought to hold # kilograms of snow."),
            new Sentence(-3, -2, "Overnight the frost on the cable grew # metres thick."),
            new Sentence(-4, -3, "A sheet of the trail map is # metres thick."),
            new Sentence(-5, -4, "A fibre of the wool for the blankets is # metres thick."),
            new Sentence(-6, -5, "A droplet of the fog at the pass is # metres wide."),
            new Sentence(-6, -4, "A speck of dust from the air filter of the weather station weighs # grams."),
            new Sentence(-4, -3, "A snowflake caught at the hut weighs # grams."),
            new Sentence(0, 0, "A coil of rope at the rescue post weighs # kilograms."),
            new Sentence(0, 0, "The snow at the trail sign is # metres deep."),
            new Sentence(0, 0, "The soup kettle of the hut holds # litres."));

    static Sentence draw(int exponent, Draw draw) {
        return draw.oneOf(
                ALL.stream().filter(s -> s.from <= exponent && exponent <= s.to).toList());
    }

    String with(String number) {
        return text.replace("#", number);
    }
}
