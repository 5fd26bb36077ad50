package littlesummit.content.code;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/**
 * What can be said of a rule that somebody states: it always holds, or an example goes against it.
 *
 * @param against the example that goes against it; empty for a rule that holds
 * @param others examples that show nothing
 * @param family what all rules of a skill have in common
 */
public record StatedRule(String against, List<String> others, Family family) {
    private static final String ALWAYS = "It is always so.";

    /**
     * Rules about one thing.
     *
     * @param example what the examples are, with its article: “an equation”
     * @param speaks first hint: what the rule is about
     * @param through last hint: how to look at the examples
     * @param toTry said to those who believe a rule that does not hold
     * @param toLook said to those who chose an example that shows nothing
     */
    public record Family(String example, String speaks, String through, String toTry, String toLook) {
        /** @param against empty for a rule that holds */
        public StatedRule rule(String against, String... others) {
            return new StatedRule(against, List.of(others), this);
        }

        private String noun() {
            return example.substring(example.indexOf(' ') + 1);
        }
    }

    public boolean holds() {
        return against.isEmpty();
    }

    /** The question whether the rule holds. */
    public Part part(Draw draw) {
        String example = family.example();
        String article = Character.toUpperCase(example.charAt(0)) + example.substring(1);
        return Part.of(
                "Choose what fits.",
                field(draw),
                family.speaks(),
                "One " + family.noun() + " that goes against a rule is enough to show that it does not hold. " + article
                        + " that fits it shows nothing.",
                family.through());
    }

    /** The item: who says what, the question, why it is so, and what goes against it. */
    public Item item(ItemRef ref, String text, Draw draw, String why) {
        String end = against.endsWith(".") ? "" : ".";
        return Items.of(ref)
                .text(text)
                .part(part(draw))
                .step(why, "")
                .step(
                        holds()
                                ? "So no " + family.noun() + " can go against it."
                                : "This one goes against it: " + against + end,
                        "")
                .given("")
                .build();
    }

    private Field field(Draw draw) {
        Choices choices = Choices.right(holds() ? ALWAYS : not(against));
        choices.wrong(ALWAYS, "rule-believed", family.toTry());
        others.forEach(other -> choices.wrong(not(other), "no-counterexample", family.toLook()));
        return choices.shuffled("answer", "What shows it", draw);
    }

    private static String not(String example) {
        return "It is not so: " + example;
    }
}
