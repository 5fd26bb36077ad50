package littlesummit.core.template;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Field;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Mistakes;

/** Reads labels and the places that they are laid into. The same labels serve all places of a part. */
final class LabelReader {
    private static final String ELSEWHERE = "placed-wrong";
    private final Formula.Names names;

    LabelReader(Formula.Names names) {
        this.names = names;
    }

    /**
     * @param entry the label that belongs here
     * @param say what is said of every other label that no mistake knows
     */
    private record Spot(String id, Texts label, Texts entry, List<Wrong> wrongs, Texts say, Place at) {}

    private record Wrong(Optional<Formula> when, Texts entry, String slip, Texts say, Place at) {}

    Made<List<Field>> read(Node listed, List<Node> fields) {
        List<Node> labels = Keys.items(listed);
        if (labels.size() < Math.max(2, fields.size()) || labels.size() > Option.IDS.size()) {
            throw new Refused(
                    listed.at(),
                    "There are from 2 to " + Option.IDS.size() + " labels, and one at least for each place.");
        }
        List<Texts> texts = labels.stream().map(n -> Texts.read(n, names)).toList();
        List<Spot> spots = fields.stream().map(this::spot).toList();
        return making -> {
            List<Option> laid = laid(texts, making, listed.at());
            return spots.stream()
                    .map(spot -> field(spot, laid, making.evaluator()))
                    .toList();
        };
    }

    private Spot spot(Node node) {
        Keys keys = Keys.of(node, "A field");
        if (!keys.text("kind").equals("label")) {
            throw new Refused(node.at(), "Where labels are laid, each field is a place for one: “kind: label”.");
        }
        Spot spot = new Spot(
                keys.text("id"),
                Texts.read(keys.require("label"), names),
                Texts.read(keys.require("entry"), names),
                keys.list("mistakes").stream().map(this::wrong).toList(),
                Texts.read(keys.require("say"), names),
                keys.at());
        keys.end();
        return spot;
    }

    private Wrong wrong(Node node) {
        Keys keys = Keys.of(node, "A mistake");
        Wrong wrong = new Wrong(
                keys.find("when").map(n -> Formula.read(Keys.scalar(n), names).condition()),
                Texts.read(keys.require("entry"), names),
                keys.text("slip"),
                Texts.read(keys.require("say"), names),
                keys.at());
        keys.end();
        return wrong;
    }

    /** In an order that tells nothing. */
    private static List<Option> laid(List<Texts> texts, Making making, Place at) {
        List<String> ids = making.shuffles().shuffled(Option.IDS.subList(0, texts.size()));
        List<Option> laid = IntStream.range(0, ids.size())
                .mapToObj(i -> Option.of(ids.get(i), texts.get(i).write(making.evaluator())))
                .sorted(Comparator.comparing(Option::id))
                .toList();
        if (laid.stream().map(Option::text).distinct().count() < laid.size()) {
            throw new Unmade(at, "Two labels say the same.");
        }
        return laid;
    }

    private static Field field(Spot spot, List<Option> laid, Evaluator evaluator) {
        List<String> ids = laid.stream().map(Option::id).toList();
        AnswerSpec answer = AnswerSpec.choice(id(spot.entry(), laid, evaluator, spot.at()), ids);
        Mistakes mistakes = Mistakes.of(answer);
        for (Wrong wrong : spot.wrongs()) {
            if (wrong.when().map(evaluator::holds).orElse(true)) {
                mistakes.add(
                        id(wrong.entry(), laid, evaluator, wrong.at()),
                        wrong.slip(),
                        wrong.say().write(evaluator));
            }
        }
        String say = spot.say().write(evaluator);
        ids.forEach(id -> mistakes.add(id, ELSEWHERE, say));
        return new Field(
                spot.id(),
                spot.label().write(evaluator),
                "",
                new Response.DropLabel(laid),
                answer,
                List.of(mistakes.list()));
    }

    private static String id(Texts text, List<Option> laid, Evaluator evaluator, Place at) {
        String written = text.write(evaluator);
        return laid.stream()
                .filter(one -> one.text().equals(written))
                .map(Option::id)
                .findFirst()
                .orElseThrow(() -> new Unmade(at, "“" + written + "” is none of the labels."));
    }
}
