package littlesummit.app.exchange.qti.in;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.w3c.dom.Element;

/** Which answers a declaration says are right: by themselves, or by the points that they are given. */
final class Mapping {
    private Mapping() {}

    private record Entry(String key, double points) {}

    /** Where one answer is given, the one that brings most; where several are, all that bring something. */
    static List<String> right(Element declaration) {
        List<String> said = SafeXml.within(declaration, "correctresponse").stream()
                .flatMap(response -> SafeXml.within(response, "value").stream())
                .map(value -> value.getTextContent().strip())
                .toList();
        if (!said.isEmpty()) {
            return said;
        }
        Stream<Entry> bringing = SafeXml.within(declaration, "mapentry").stream()
                .map(entry -> new Entry(SafeXml.attribute(entry, "mapKey").strip(), points(entry)))
                .filter(entry -> entry.points > 0);
        return (declaration.getAttribute("cardinality").equals("single")
                        ? bringing.max(Comparator.comparingDouble(Entry::points)).stream()
                        : bringing)
                .map(Entry::key)
                .toList();
    }

    /** What one entry brings; nothing where that is no number. */
    static double points(Element entry) {
        try {
            return Double.parseDouble(SafeXml.attribute(entry, "mappedValue"));
        } catch (NumberFormatException none) {
            return 0;
        }
    }
}
