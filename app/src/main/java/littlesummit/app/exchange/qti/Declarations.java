package littlesummit.app.exchange.qti;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import littlesummit.app.exchange.xml.Node;
import littlesummit.core.figure.Point;
import littlesummit.core.item.Response;

/** What each response is and what is right, and the outcomes of an item. */
final class Declarations {
    static final String SCORE = "SCORE";
    static final String MOST = "MAXSCORE";
    static final String FEEDBACK = "FEEDBACK";
    static final String HELP = "HELP";

    private Declarations() {}

    static void write(Node item, List<List<Question>> parts) {
        Map<String, List<Question>> responses = new LinkedHashMap<>();
        parts.forEach(part -> part.forEach(question -> responses
                .computeIfAbsent(question.response(), id -> new ArrayList<>())
                .add(question)));
        responses.forEach((id, questions) -> response(item, id, questions));
        int most = parts.stream().mapToInt(List::size).sum();
        Node score = number(item, SCORE, 0).with("normal-maximum", most);
        if (parts.stream().flatMap(List::stream).anyMatch(q -> q.isRead())) {
            score.with("external-scored", "human");
        }
        number(item, MOST, most);
        named(item, FEEDBACK);
        named(item, HELP);
    }

    private static Node number(Node item, String id, int value) {
        Node outcome = outcome(item, id, "single", "float");
        outcome.child("qti-default-value").leaf("qti-value", String.valueOf(value));
        return outcome;
    }

    /** Never empty: not every program takes an empty list of names for one that holds none of ours. */
    private static void named(Node item, String id) {
        outcome(item, id, "multiple", "identifier").child("qti-default-value").leaf("qti-value", "NONE");
    }

    private static Node outcome(Node item, String id, String cardinality, String type) {
        return item.child("qti-outcome-declaration")
                .with("identifier", id)
                .with("cardinality", cardinality)
                .with("base-type", type);
    }

    private static void response(Node item, String id, List<Question> questions) {
        Node declared = item.child("qti-response-declaration").with("identifier", id);
        switch (Played.right(questions.getFirst())) {
            case Played.Typed(List<String> spellings) -> {
                typed(declared, "single", "string", spellings.subList(0, 1));
                Node mapping = declared.child("qti-mapping").with("default-value", 0);
                spellings.forEach(spelling -> entry(mapping, spelling).with("case-sensitive", false));
            }
            case Played.One(String option) -> typed(declared, "single", "identifier", List.of(option));
            case Played.Many(List<String> options) -> typed(declared, "multiple", "identifier", options);
            case Played.Ordered(List<String> options) -> typed(declared, "ordered", "identifier", options);
            case Played.Pair pair -> {
                List<String> right = questions.stream().map(Declarations::pair).toList();
                typed(declared, "multiple", "directedPair", right);
                Node mapping = declared.child("qti-mapping").with("default-value", 0);
                right.forEach(each -> entry(mapping, each));
            }
            case Played.Count(int areas) -> {
                typed(declared, "multiple", "identifier", areas(areas));
                Node mapping = declared.child("qti-mapping").with("default-value", 0);
                areas(cuts(questions.getFirst())).forEach(area -> entry(mapping, area));
            }
            case Played.Spot(Point at, double radius) ->
                typed(declared, "single", "point", List.of(Conditions.xy(at, " ")));
            case Played.TwoOf(List<Point> places, double radius) -> {
                typed(
                        declared,
                        "multiple",
                        "point",
                        places.subList(0, 2).stream()
                                .map(at -> Conditions.xy(at, " "))
                                .toList());
                Node mapping = declared.child("qti-area-mapping").with("default-value", 0);
                places.forEach(at -> mapping.child("qti-area-map-entry")
                        .with("shape", "circle")
                        .with("coords", Conditions.xy(at, ",") + "," + Math.round(radius))
                        .with("mapped-value", 1));
            }
            case Played.Read read -> declared.with("cardinality", "single").with("base-type", "string");
        }
    }

    private static String pair(Question question) {
        Played.Pair pair = (Played.Pair) Played.right(question);
        return pair.label() + " " + pair.place();
    }

    private static int cuts(Question question) {
        Response.Shade shade = (Response.Shade) question.field().response();
        return shade.picture().wholes() * shade.picture().cuts().size();
    }

    /** Names of the first areas of a picture. */
    private static List<String> areas(int count) {
        return IntStream.range(0, count).mapToObj(i -> Interactions.AREA + i).toList();
    }

    private static Node entry(Node mapping, String key) {
        return mapping.child("qti-map-entry").with("map-key", key).with("mapped-value", 1);
    }

    private static void typed(Node declared, String cardinality, String type, List<String> right) {
        declared.with("cardinality", cardinality).with("base-type", type);
        Node values = declared.child("qti-correct-response");
        right.forEach(value -> values.leaf("qti-value", value));
    }
}
