package littlesummit.app.exchange.qti;

import java.util.List;
import java.util.Optional;
import littlesummit.app.exchange.xml.Node;
import littlesummit.core.item.Mistake;

/** A point for each right field, the message of each known mistake, and hints where something is not right yet. */
final class Processing {
    private Processing() {}

    static void write(Node item, List<List<Question>> parts) {
        Node processing = item.child("qti-response-processing");
        for (int i = 0; i < parts.size(); i++) {
            List<Question> labels =
                    parts.get(i).stream().filter(Question::isLabel).toList();
            if (!labels.isEmpty()) {
                count(processing, labels, hints(i));
            }
            for (Question question : parts.get(i)) {
                if (!question.isLabel() && !question.isRead()) {
                    judge(processing, question, hints(i));
                }
            }
        }
    }

    /** A point for each label that lies where it belongs. */
    private static void count(Node processing, List<Question> labels, String hints) {
        String response = labels.getFirst().response();
        Node sum = processing
                .child("qti-set-outcome-value")
                .with("identifier", Declarations.SCORE)
                .child("qti-sum");
        sum.child("qti-variable").with("identifier", Declarations.SCORE);
        sum.child("qti-map-response").with("identifier", response);
        Node some = processing.child("qti-response-condition").child("qti-response-if");
        Node less = some.child("qti-lt");
        less.child("qti-map-response").with("identifier", response);
        Conditions.value(less, "float", String.valueOf(labels.size()));
        say(some, Declarations.HELP, hints);
    }

    /** The name of the hints of a part. */
    static String hints(int part) {
        return "HINTS_" + (part + 1);
    }

    private static String message(Question question, int mistake) {
        return question.id() + "_M" + (mistake + 1);
    }

    private static void judge(Node processing, Question question, String hints) {
        Node condition = processing.child("qti-response-condition");
        Node right = condition.child("qti-response-if");
        Conditions.right(right, question);
        point(right);
        List<Mistake> mistakes = question.field().mistakes();
        for (int m = 0; m < mistakes.size(); m++) {
            Optional<Played> played = Played.of(question, mistakes.get(m).entry());
            if (played.isPresent()) {
                Node known = condition.child("qti-response-else-if");
                Conditions.is(known, question, played.get());
                say(known, Declarations.FEEDBACK, message(question, m));
                say(known, Declarations.HELP, hints);
            }
        }
        say(condition.child("qti-response-else"), Declarations.HELP, hints);
    }

    private static void point(Node node) {
        Node sum = node.child("qti-set-outcome-value")
                .with("identifier", Declarations.SCORE)
                .child("qti-sum");
        sum.child("qti-variable").with("identifier", Declarations.SCORE);
        Conditions.value(sum, "float", "1");
    }

    private static void say(Node node, String outcome, String id) {
        Node all =
                node.child("qti-set-outcome-value").with("identifier", outcome).child("qti-multiple");
        all.child("qti-variable").with("identifier", outcome);
        Conditions.value(all, "identifier", id);
    }

    static void messages(Node item, List<List<Question>> parts) {
        parts.forEach(part -> part.forEach(question -> {
            List<Mistake> mistakes = question.field().mistakes();
            for (int m = 0; m < mistakes.size(); m++) {
                if (Played.of(question, mistakes.get(m).entry()).isPresent()) {
                    Node body = item.child("qti-modal-feedback")
                            .with("outcome-identifier", Declarations.FEEDBACK)
                            .with("show-hide", "show")
                            .with("identifier", message(question, m))
                            .child("qti-content-body");
                    Texts.write(body.child("p"), mistakes.get(m).message());
                }
            }
        }));
    }
}
