package littlesummit.app.exchange.qti;

import java.util.List;
import littlesummit.app.exchange.xml.Node;
import littlesummit.core.figure.Point;

/** Whether a response is a certain answer, as an expression of the standard. */
final class Conditions {
    private Conditions() {}

    /** Whether it is right, as far as a program that compares letters can tell. */
    static void right(Node parent, Question question) {
        switch (Played.right(question)) {
            case Played.Typed typed -> {
                Node more = parent.child("qti-gt");
                more.child("qti-map-response").with("identifier", question.response());
                value(more, "float", "0");
            }
            case Played other -> is(parent, question, other);
        }
    }

    /** Whether it is this one. */
    static void is(Node parent, Question question, Played played) {
        switch (played) {
            case Played.Typed(List<String> spellings) -> {
                Node either = spellings.size() > 1 ? parent.child("qti-or") : parent;
                spellings.forEach(text -> {
                    Node match = either.child("qti-string-match").with("case-sensitive", false);
                    variable(match, question);
                    value(match, "string", text);
                });
            }
            case Played.One(String option) -> {
                Node match = parent.child("qti-match");
                variable(match, question);
                value(match, "identifier", option);
            }
            case Played.Many(List<String> options) -> {
                Node match = parent.child("qti-match");
                variable(match, question);
                Node all = match.child("qti-multiple");
                options.forEach(option -> value(all, "identifier", option));
            }
            case Played.Ordered(List<String> options) -> {
                Node match = parent.child("qti-match");
                variable(match, question);
                Node all = match.child("qti-ordered");
                options.forEach(option -> value(all, "identifier", option));
            }
            case Played.Pair pair -> throw new IllegalStateException("labels are counted together");
            case Played.Count(int areas) -> sum(parent, "qti-map-response", question, areas);
            case Played.Spot(Point at, double radius) ->
                variable(
                        parent.child("qti-inside")
                                .with("shape", "circle")
                                .with("coords", xy(at, ",") + "," + Math.round(radius)),
                        question);
            case Played.TwoOf two -> sum(parent, "qti-map-response-point", question, 2);
            case Played.Read read -> parent.child("qti-null");
        }
    }

    private static void sum(Node parent, String mapped, Question question, int wanted) {
        Node equal = parent.child("qti-equal").with("tolerance-mode", "exact");
        equal.child(mapped).with("identifier", question.response());
        value(equal, "float", String.valueOf(wanted));
    }

    private static void variable(Node parent, Question question) {
        parent.child("qti-variable").with("identifier", question.response());
    }

    static void value(Node parent, String type, String value) {
        parent.child("qti-base-value").with("base-type", type).text(value);
    }

    /** Whole pixels, as the standard has them. */
    static String xy(Point at, String between) {
        return Math.round(at.x()) + between + Math.round(at.y());
    }
}
