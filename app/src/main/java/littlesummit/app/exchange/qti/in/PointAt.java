package littlesummit.app.exchange.qti.in;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.w3c.dom.Element;

/**
 * A point to be placed on a picture: here one chooses between places on it. Those that the item gives nothing for are
 * offered, too, and where it names the right one alone, its mirror images are.
 */
final class PointAt {
    private static final int MOST = 6;

    /** @param right whether the item gives most for it */
    private record Offered(List<Double> corners, boolean right) {}

    private final Areas areas;
    private final List<Element> entries;

    private PointAt(Element declaration, Pictures.Shown shown) {
        this.areas = new Areas(shown);
        this.entries = SafeXml.within(declaration, "areamapentry");
    }

    /**
     * Empty where its picture or its places cannot be taken over.
     *
     * @param declaration of its response
     */
    static Optional<OnPicture.Taken> of(Element interaction, Element declaration, Optional<Pictures.Shown> shown) {
        return shown.flatMap(picture ->
                new PointAt(declaration, picture).offered().map(places -> taken(interaction, picture, places)));
    }

    private Optional<List<Offered>> offered() {
        double most = entries.stream().mapToDouble(Mapping::points).max().orElse(0);
        List<Offered> all = new ArrayList<>();
        for (Element entry : entries) {
            areas.corners(entry).ifPresent(corners -> all.add(new Offered(corners, Mapping.points(entry) == most)));
        }
        boolean isPlain = most > 0
                && all.size() == entries.size()
                && all.size() <= MOST
                && all.stream().filter(Offered::right).count() == 1;
        if (!isPlain) {
            return Optional.empty();
        }
        if (all.size() == 1) {
            for (List<Double> corners : areas.mirrored(all.getFirst().corners())) {
                if (all.stream().noneMatch(other -> Areas.overlap(other.corners(), corners))) {
                    all.add(new Offered(corners, false));
                }
            }
        }
        all.sort(Comparator.<Offered>comparingDouble(place -> Areas.least(place.corners(), 1))
                .thenComparing(place -> Areas.least(place.corners(), 0)));
        return all.size() > 1 ? Optional.of(all) : Optional.empty();
    }

    private static OnPicture.Taken taken(Element interaction, Pictures.Shown shown, List<Offered> places) {
        List<Map<String, Object>> options = new ArrayList<>();
        for (Offered place : places) {
            String letter = OnPicture.letter(options.size());
            Map<String, Object> option = new LinkedHashMap<>();
            option.put("text", letter);
            if (place.right()) {
                option.put("right", true);
            } else {
                option.put("slip", "other-" + letter.toLowerCase(Locale.ROOT));
                option.put("say", QtiItemReader.TO_WRITE + " What may have led to this?");
            }
            options.add(option);
        }
        return new OnPicture.Taken(
                OnPicture.choice(interaction, true, options),
                shown.figure(places.stream().map(Offered::corners).toList()));
    }
}
