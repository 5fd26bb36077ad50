package littlesummit.core.template;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Mistakes;

/** Reads a field to choose in: its options, which of them are right, and in what order they stand. */
final class ChoiceReader {
    private static final List<String> IDS = List.of("a", "b", "c", "d", "e", "f", "g", "h");
    private final Formula.Names names;

    ChoiceReader(Formula.Names names) {
        this.names = names;
    }

    /** @param right always, or where a condition holds; empty for never */
    private record Choice(
            Optional<Formula> when,
            Texts text,
            Optional<Made<Figure>> figure,
            Optional<Right> right,
            String slip,
            Texts say) {}

    /** @param when empty for always */
    private record Right(Optional<Formula> when) {}

    /** An option of one item. */
    private record Offered(String text, Optional<Figure> figure, boolean right, String slip, String say) {}

    Made<Field> read(Keys keys) {
        String id = keys.text("id");
        Texts label = Texts.read(keys.require("label"), names);
        List<Choice> choices = keys.list("options").stream().map(this::choice).toList();
        if (choices.size() < 2 || choices.size() > IDS.size()) {
            throw new Refused(keys.at(), "A choice has from 2 to " + IDS.size() + " options.");
        }
        String order = keys.text("order", "shuffled");
        String as = keys.text("as", "one");
        if (!Set.of("shuffled", "given").contains(order)) {
            throw new Refused(keys.at(), "The order of the options is either shuffled or given.");
        }
        if (!Set.of("one", "several", "list").contains(as)) {
            throw new Refused(keys.at(), "A choice is made as one, several or list.");
        }
        Texts missed = keys.find("missed").map(n -> Texts.read(n, names)).orElse(Texts.NONE);
        Place at = keys.at();
        return making -> {
            List<Offered> offered = offered(choices, making);
            long right = offered.stream().filter(Offered::right).count();
            if (as.equals("several") ? right == 0 : right != 1) {
                throw new Unmade(at, right == 0 ? "No option is right." : right + " options are right.");
            }
            List<String> ids = IDS.subList(0, offered.size());
            return field(
                    id,
                    label.write(making.evaluator()),
                    offered,
                    order.equals("given") ? ids : making.shuffles().shuffled(ids),
                    as,
                    missed.write(making.evaluator()));
        };
    }

    private Choice choice(Node node) {
        Keys keys = Keys.of(node, "An option");
        Choice choice = new Choice(
                keys.find("when").map(n -> Formula.read(Keys.scalar(n), names).condition()),
                keys.find("text").map(n -> Texts.read(n, names)).orElse(Texts.NONE),
                keys.find("figure").map(n -> new FigureReader(names).read(n)),
                right(keys),
                keys.text("slip", ""),
                keys.find("say").map(n -> Texts.read(n, names)).orElse(Texts.NONE));
        keys.end();
        if (choice.text == Texts.NONE && choice.figure.isEmpty()) {
            throw new Refused(keys.at(), "An option has a text or a figure.");
        }
        boolean isAlwaysRight =
                choice.right.filter(right -> right.when().isEmpty()).isPresent();
        if (!isAlwaysRight && (choice.slip.isEmpty() || choice.say == Texts.NONE)) {
            throw new Refused(keys.at(), "A wrong option has a slip and says what may have happened.");
        }
        return choice;
    }

    private Optional<Right> right(Keys keys) {
        Optional<Node.Scalar> node = keys.find("right").map(Keys::scalar);
        if (node.isEmpty() || node.get().text().equals("no")) {
            return Optional.empty();
        }
        boolean always = Set.of("yes", "true").contains(node.get().text());
        return Optional.of(new Right(
                always
                        ? Optional.empty()
                        : Optional.of(Formula.read(node.get(), names).condition())));
    }

    /** Of two options that say the same, the first stays. */
    private static List<Offered> offered(List<Choice> choices, Making making) {
        Evaluator evaluator = making.evaluator();
        List<Offered> offered = new ArrayList<>();
        Set<String> said = new LinkedHashSet<>();
        for (Choice choice : choices) {
            if (choice.when().map(evaluator::holds).orElse(true)) {
                Optional<Figure> figure = choice.figure().map(f -> f.make(making));
                Offered one = new Offered(
                        choice.text().write(evaluator),
                        figure,
                        choice.right()
                                .map(right -> right.when().map(evaluator::holds).orElse(true))
                                .orElse(false),
                        choice.slip(),
                        choice.say().write(evaluator));
                if (said.add(one.text() + figure)) {
                    offered.add(one);
                }
            }
        }
        return offered;
    }

    private static Field field(
            String id, String label, List<Offered> offered, List<String> ids, String as, String missed) {
        List<Option> options = new ArrayList<>();
        List<Mistake> mistakes = new ArrayList<>();
        List<String> right = new ArrayList<>();
        for (int i = 0; i < offered.size(); i++) {
            Offered one = offered.get(i);
            options.add(new Option(ids.get(i), one.text(), one.figure()));
            if (one.right()) {
                right.add(ids.get(i));
            } else {
                mistakes.add(new Mistake(ids.get(i), one.slip(), one.say()));
            }
        }
        options.sort(Comparator.comparing(Option::id));
        if (as.equals("several")) {
            return several(id, label, options, right, mistakes, missed);
        }
        Field field = Field.choice(id, label, options, right.getFirst(), mistakes.toArray(Mistake[]::new));
        return as.equals("list") ? field.by(new Response.PickFromList(options)) : field;
    }

    /** A wrong one among the right ones is the mistake of that one; a right one that is missing is said in one way. */
    private static Field several(
            String id, String label, List<Option> options, List<String> right, List<Mistake> wrong, String missed) {
        List<String> ids = options.stream().map(Option::id).toList();
        List<String> keys = right.stream().sorted().toList();
        AnswerSpec answer = AnswerSpec.choice(String.join(",", keys), ids);
        Mistakes mistakes = Mistakes.of(answer);
        for (Mistake one : wrong) {
            String all = Stream.concat(keys.stream(), Stream.of(one.entry()))
                    .sorted()
                    .collect(Collectors.joining(","));
            mistakes.add(all, one.slip(), one.message());
        }
        for (String key : keys) {
            String others = keys.stream().filter(k -> !k.equals(key)).collect(Collectors.joining(","));
            mistakes.addIf(!others.isEmpty() && !missed.isEmpty(), others, "missed-one", missed);
        }
        return new Field(id, label, "", new Response.ChooseAll(options), answer, List.of(mistakes.list()));
    }
}
