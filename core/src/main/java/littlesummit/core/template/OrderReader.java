package littlesummit.core.template;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Mistakes;

/**
 * Reads a field in which things are put in order. Each has a number that it goes by; a mistake has other numbers that
 * somebody may have gone by.
 */
final class OrderReader {
    private static final int FEWEST = 3;
    private static final int MOST = 6;
    private final Formula.Names names;

    OrderReader(Formula.Names names) {
        this.names = names;
    }

    private record Thing(Texts text, Optional<Made<Figure>> figure, Formula by) {}

    /** @param by one number for each thing */
    private record Wrong(List<Formula> by, String slip, Texts say) {}

    Made<Field> read(Keys keys, List<Node> ofPart) {
        String id = keys.text("id");
        Texts label = Texts.read(keys.require("label"), names);
        List<Thing> things = keys.list("options").stream().map(this::thing).toList();
        if (things.size() < FEWEST || things.size() > MOST) {
            throw new Refused(keys.at(), "From " + FEWEST + " to " + MOST + " things are put in order.");
        }
        List<Wrong> wrongs = Stream.concat(keys.list("mistakes").stream(), ofPart.stream())
                .map(node -> wrong(node, things.size()))
                .toList();
        boolean descending = keys.yes("descending");
        Place at = keys.at();
        return making -> {
            Evaluator evaluator = making.evaluator();
            List<String> ids = making.shuffles().shuffled(Option.IDS.subList(0, things.size()));
            List<Option> options = IntStream.range(0, ids.size())
                    .mapToObj(i -> option(ids.get(i), things.get(i), making))
                    .sorted(Comparator.comparing(Option::id))
                    .toList();
            String right = sorted(things.stream().map(Thing::by).toList(), ids, descending, evaluator)
                    .orElseThrow(() -> new Unmade(at, "Two of these are equal: they have no order."));
            AnswerSpec answer = AnswerSpec.inOrder(right, ids);
            Mistakes mistakes = Mistakes.of(answer);
            wrongs.forEach(wrong -> sorted(wrong.by(), ids, descending, evaluator)
                    .ifPresent(order ->
                            mistakes.add(order, wrong.slip(), wrong.say().write(evaluator))));
            return new Field(
                    id, label.write(evaluator), "", new Response.PutInOrder(options), answer, List.of(mistakes.list()));
        };
    }

    private Thing thing(Node node) {
        Keys keys = Keys.of(node, "An option");
        Thing thing = new Thing(
                keys.find("text").map(n -> Texts.read(n, names)).orElse(Texts.NONE),
                keys.find("figure").map(n -> new FigureReader(names).read(n)),
                Formula.read(keys.scalar("by"), names));
        keys.end();
        if (thing.text == Texts.NONE && thing.figure.isEmpty()) {
            throw new Refused(keys.at(), "An option has a text or a figure.");
        }
        return thing;
    }

    private Wrong wrong(Node node, int things) {
        Keys keys = Keys.of(node, "A mistake");
        Wrong wrong = new Wrong(
                keys.list("by").stream()
                        .map(n -> Formula.read(Keys.scalar(n), names))
                        .toList(),
                keys.text("slip"),
                Texts.read(keys.require("say"), names));
        keys.end();
        if (wrong.by.size() != things) {
            throw new Refused(keys.at(), "A wrong order goes by one number for each of the " + things + " options.");
        }
        return wrong;
    }

    private static Option option(String id, Thing thing, Making making) {
        return new Option(
                id, thing.text().write(making.evaluator()), thing.figure().map(figure -> figure.make(making)));
    }

    /** Ids by their numbers; empty where two are equal, or one has none. */
    private static Optional<String> sorted(
            List<Formula> by, List<String> ids, boolean descending, Evaluator evaluator) {
        try {
            List<Rational> numbers = by.stream().map(evaluator::number).toList();
            if (numbers.stream().distinct().count() < numbers.size()) {
                return Optional.empty();
            }
            Comparator<Integer> order = Comparator.comparing(numbers::get);
            return Optional.of(IntStream.range(0, ids.size())
                    .boxed()
                    .sorted(descending ? order.reversed() : order)
                    .map(ids::get)
                    .collect(Collectors.joining(",")));
        } catch (Unmade nowhere) {
            return Optional.empty();
        }
    }
}
