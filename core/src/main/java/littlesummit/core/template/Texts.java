package littlesummit.core.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A text of an item: one sentence for all items, or several with conditions, of which the first that holds is said.
 * Where none holds, nothing is.
 */
record Texts(List<Case> cases, Place at) {
    static final Texts NONE = new Texts(List.of(), Place.WHOLE);

    record Case(Optional<Formula> when, TextPattern text) {}

    Texts {
        cases = List.copyOf(cases);
    }

    static Texts read(Node node, Formula.Names names) {
        if (node instanceof Node.Scalar scalar) {
            return new Texts(List.of(new Case(Optional.empty(), TextPattern.read(scalar, names))), node.at());
        }
        List<Case> cases = new ArrayList<>();
        for (Node item : Keys.items(node)) {
            Keys keys = Keys.of(item, "A text with a condition");
            Optional<Formula> when = keys.find("when")
                    .map(n -> Formula.read(Keys.scalar(n), names).condition());
            cases.add(new Case(when, TextPattern.read(keys.scalar("say"), names)));
            keys.end();
        }
        return new Texts(cases, node.at());
    }

    /** Empty where no condition holds. */
    Optional<String> chosen(Evaluator evaluator) {
        return chosenPattern(evaluator).map(text -> text.write(evaluator));
    }

    /** The first text whose condition holds, with its values still to be put in. */
    Optional<TextPattern> chosenPattern(Evaluator evaluator) {
        return cases.stream()
                .filter(c -> c.when().map(evaluator::holds).orElse(true))
                .findFirst()
                .map(Case::text);
    }

    String write(Evaluator evaluator) {
        return chosen(evaluator).orElse("");
    }
}
