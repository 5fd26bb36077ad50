package littlesummit.content.code.power;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** The other way round: an exponent that makes a product, a quotient or a power of a power come out as given. */
final class MissingExponent {
    private MissingExponent() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int base = draw.between(2, 9);
        int known = draw.between(2, 6);
        int missing = draw.between(2, 7, n -> n != known && n != base && known * n != known + n);
        OneBase.Rule rule = draw.oneOf(OneBase.Rule.values());
        int total = rule == OneBase.Rule.QUOTIENT ? known : rule.exponent(known, missing);
        String box = "\\square ";
        String formula =
                switch (rule) {
                    case PRODUCT ->
                        base + "^{" + known + "}\\cdot " + base + "^{" + box + "} = " + base + "^{" + total + "}";
                    case QUOTIENT ->
                        "\\frac{" + base + "^{" + (known + missing) + "}}{" + base + "^{" + box + "}} = " + base + "^{"
                                + known + "}";
                    case POWER ->
                        "\\left(" + base + "^{" + known + "}\\right)^{" + box + "} = " + base + "^{" + total + "}";
                };
        int first = rule == OneBase.Rule.QUOTIENT ? known + missing : known;
        String undone =
                switch (rule) {
                    case PRODUCT -> total + " - " + known;
                    case QUOTIENT -> first + " - " + known;
                    case POWER -> "\\frac{" + total + "}{" + known + "}";
                };
        return Items.of(ref)
                .text(frame)
                .formula(formula)
                .part(part(rule, first, missing, total))
                .step("In " + rule.name + " the exponents are " + rule.done + ". So the box holds:", undone)
                .step("Work it out, and put it in to see.", String.valueOf(missing))
                .given(String.valueOf(missing))
                .build();
    }

    private static Part part(OneBase.Rule rule, int first, int missing, int total) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(missing));
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        rule == OneBase.Rule.PRODUCT && total % first == 0,
                        String.valueOf(total / first),
                        "exponents-multiplied",
                        "It looks as if the exponents were multiplied to get the one on the right. What happens to them"
                                + " in a product?")
                .addIf(
                        rule == OneBase.Rule.QUOTIENT && first % total == 0,
                        String.valueOf(first / total),
                        "exponents-divided",
                        "It looks as if the exponents were divided. What happens to them in a quotient?")
                .addIf(
                        rule == OneBase.Rule.POWER,
                        String.valueOf(total - first),
                        "exponents-added",
                        "It looks as if the exponents were added. What happens to them in a power of a power?")
                .add(
                        String.valueOf(total + first),
                        "other-direction",
                        "Put it in: is the exponent on the right what comes out?");
        return Part.of(
                "Which number belongs in the box?",
                Field.typed("answer", "In the box", "a whole number", answer, mistakes.list()),
                "How many factors stand on the right, and how many are there on the left already?",
                "A rule that leads from two exponents to one can be undone.",
                switch (rule) {
                    case PRODUCT -> "How many factors are still wanted, beside the ones of the first power?";
                    case QUOTIENT -> "How many of the factors above have to cancel?";
                    case POWER -> "How often do the factors of the bracket fit into those on the right?";
                });
    }
}
