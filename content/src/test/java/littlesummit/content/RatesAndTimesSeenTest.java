package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Duration;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Prices of one in floating point, and times of day by the clock of the Java library, from what the student reads. */
class RatesAndTimesSeenTest {
    private static final Pattern MONEY = Pattern.compile("\\\\\\$([\\d,]+(?:\\.\\d+)?)");
    private static final Pattern CLOCK = Pattern.compile("\\b(\\d{1,2}:\\d{2})\\b");
    private static final Pattern MINUTES = Pattern.compile("(\\d+) minutes");
    private static final DateTimeFormatter AS_READ = DateTimeFormatter.ofPattern("H:mm");

    private static List<Item> rates(String kind) {
        return SeenItems.of("unit-rate", kind);
    }

    private static List<Item> times(String kind) {
        return SeenItems.of("time-intervals", kind);
    }

    private static String read(Item item) {
        return SeenItems.text(item) + " " + item.parts().getFirst().prompt();
    }

    private static double money(Item item, int which) {
        return MONEY.matcher(stem(item))
                .results()
                .mapToDouble(m -> Double.parseDouble(m.group(1).replace(",", "")))
                .skip(which)
                .findFirst()
                .orElseThrow();
    }

    private static String stem(Item item) {
        return item.stem().getFirst().toString();
    }

    /** Numbers that are no money. */
    private static double[] counts(String text) {
        return SeenItems.numbers(MONEY.matcher(text).replaceAll("money"));
    }

    @Test
    void thePriceOfOne() {
        rates("one").forEach(item -> SeenItems.comesTo(money(item, 0) / counts(stem(item))[0], item));
    }

    @Test
    void whatComesInOneMinute() {
        rates("per-minute").forEach(item -> {
            Matcher minutes = MINUTES.matcher(stem(item));
            minutes.find();
            double m = Double.parseDouble(minutes.group(1));
            double[] n = SeenItems.numbers(item);
            SeenItems.comesTo((n[0] == m && n[1] != m ? n[1] : n[0] == m ? n[1] : n[0]) / m, item);
        });
    }

    @Test
    void anotherLotByWayOfOne() {
        rates("another-lot").forEach(item -> {
            double n = counts(stem(item))[0];
            double m = counts(item.parts().getFirst().prompt())[0];
            SeenItems.comesTo(money(item, 0) / n * m, item);
        });
        SeenItems.seldom(
                rates("another-lot"),
                item -> money(item, 0) + counts(item.parts().getFirst().prompt())[0] - counts(stem(item))[0]);
    }

    @Test
    void theBetterBuy() {
        rates("better-buy").forEach(item -> {
            double[] n = counts(stem(item));
            double first = money(item, 0) / n[0];
            double second = money(item, 1) / n[1];
            String right = Math.abs(first - second) < 1e-9 ? "c" : first < second ? "a" : "b";
            assertEquals(right, SeenItems.last(item).answer().expected(), stem(item));
        });
    }

    @Test
    void forSoMuchMoney() {
        rates("how-many").forEach(item -> {
            double one = money(item, 0) / counts(stem(item))[0];
            SeenItems.comesTo(Math.round(money(item, 1) / one), item);
        });
    }

    @Test
    void dearerForEach() {
        rates("dearer").forEach(item -> {
            double[] n = counts(stem(item));
            SeenItems.comesTo(money(item, 1) / n[1] - money(item, 0) / n[0], item);
        });
    }

    private static List<LocalTime> clocks(Item item) {
        return CLOCK.matcher(read(item))
                .results()
                .map(m -> LocalTime.parse(m.group(1), AS_READ))
                .toList();
    }

    private static long minutes(Item item) {
        return MINUTES.matcher(read(item))
                .results()
                .mapToLong(m -> Long.parseLong(m.group(1)))
                .sum();
    }

    private static void isAt(LocalTime time, Item item) {
        assertEquals(AS_READ.format(time), SeenItems.last(item).answer().key(), read(item));
    }

    @ParameterizedTest
    @ValueSource(strings = {"ends", "break"})
    void theEndByTheClock(String kind) {
        times(kind).forEach(item -> isAt(clocks(item).getFirst().plusMinutes(pieces(item)), item));
    }

    /** “another 40 minutes” and “75 minutes more” are pieces like any other. */
    private static long pieces(Item item) {
        return minutes(item);
    }

    @Test
    void theBeginningByTheClock() {
        times("began").forEach(item -> {
            Matcher hours = Pattern.compile("(\\d+) hours?").matcher(read(item));
            hours.find();
            Matcher rest =
                    Pattern.compile("(?:and|of|hours?) (?:and )?(\\d+) minutes").matcher(read(item));
            rest.find();
            isAt(
                    clocks(item)
                            .getFirst()
                            .minusHours(Long.parseLong(hours.group(1)))
                            .minusMinutes(Long.parseLong(rest.group(1))),
                    item);
        });
    }

    @Test
    void howLongByTheClock() {
        times("how-long")
                .forEach(item -> SeenItems.comesTo(
                        Duration.between(clocks(item).get(0), clocks(item).get(1))
                                .toMinutes(),
                        item));
        times("left")
                .forEach(item -> SeenItems.comesTo(
                        Duration.between(clocks(item).get(0), clocks(item).get(1))
                                        .toMinutes()
                                - minutes(item),
                        item));
    }

    @Test
    void twoPiecesTogether() {
        Pattern piece = Pattern.compile("(\\d+) h (\\d+) min");
        times("sum").forEach(item -> {
            Duration all = piece.matcher(stem(item))
                    .results()
                    .map(m -> Duration.ofHours(Long.parseLong(m.group(1))).plusMinutes(Long.parseLong(m.group(2))))
                    .reduce(Duration.ZERO, Duration::plus);
            assertEquals(
                    all.toHours() + " h " + all.toMinutesPart() + " min",
                    SeenItems.last(item).answer().key(),
                    stem(item));
        });
    }
}
