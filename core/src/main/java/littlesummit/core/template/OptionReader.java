package littlesummit.core.template;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.item.Figure;

/** Reads the options of a choice, and makes those of one item. */
final class OptionReader {
    private final Formula.Names names;
    private final boolean areShapes;

    /** @param areShapes whether an option is a shape of a picture, known by its id, in place of a text or a figure */
    OptionReader(Formula.Names names, boolean areShapes) {
        this.names = names;
        this.areShapes = areShapes;
    }

    /** @param right always, or where a condition holds; empty for never */
    private record Choice(
            Optional<Formula> when,
            String shape,
            Texts text,
            Optional<Made<Figure>> figure,
            Optional<Right> right,
            String slip,
            Texts say) {}

    /** @param when empty for always */
    private record Right(Optional<Formula> when) {}

    /**
     * An option of one item.
     *
     * @param shape its id in the picture; empty where options are no shapes
     */
    record Offered(String shape, String text, Optional<Figure> figure, boolean right, String slip, String say) {}

    Made<List<Offered>> read(List<Node> nodes) {
        List<Choice> choices = nodes.stream().map(this::choice).toList();
        return making -> offered(choices, making);
    }

    private Choice choice(Node node) {
        Keys keys = Keys.of(node, "An option");
        Choice choice = new Choice(
                keys.find("when").map(n -> Formula.read(Keys.scalar(n), names).condition()),
                areShapes ? keys.text("shape") : "",
                areShapes
                        ? Texts.NONE
                        : keys.find("text").map(n -> Texts.read(n, names)).orElse(Texts.NONE),
                areShapes ? Optional.empty() : keys.find("figure").map(n -> new FigureReader(names).read(n)),
                right(keys),
                keys.text("slip", ""),
                keys.find("say").map(n -> Texts.read(n, names)).orElse(Texts.NONE));
        keys.end();
        if (!areShapes && choice.text == Texts.NONE && choice.figure.isEmpty()) {
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
                        choice.shape(),
                        choice.text().write(evaluator),
                        figure,
                        choice.right()
                                .map(right -> right.when().map(evaluator::holds).orElse(true))
                                .orElse(false),
                        choice.slip(),
                        choice.say().write(evaluator));
                if (said.add(one.shape() + one.text() + figure)) {
                    offered.add(one);
                }
            }
        }
        return offered;
    }
}
