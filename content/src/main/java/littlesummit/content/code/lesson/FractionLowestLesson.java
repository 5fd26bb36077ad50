package littlesummit.content.code.lesson;

import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.content.template.Templates;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** The same share with smaller numbers: divide both by what they have in common. */
public final class FractionLowestLesson extends GuidedLesson {
    public FractionLowestLesson() {
        super(Templates.skill("fraction-lowest"), "Lesson: the same share, smaller numbers");
    }

    @Override
    public int version() {
        return 3;
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        int k = draw.oneOf(2, 3, 5);
        int q = draw.oneOf(7, 11, 13);
        int p = draw.between(2, q - 2, n -> n % k != 0);
        int num = p * k;
        int den = q * k;
        String same = "\\frac{" + num + "}{" + den + "}";
        Items item = Items.of(ref)
                .text(
                        guided
                                ? "Of " + den + " lanterns in the hut, " + num + " are lit."
                                : "Of " + den + " sheep on the pasture, " + num + " are shorn.")
                .formula(same);
        if (guided) {
            item.part(Asks.choose(
                            "Which number divides both the top and the bottom?",
                            Choices.right(String.valueOf(k))
                                    .wrong(
                                            String.valueOf(k == 2 ? 5 : 2),
                                            "other-factor",
                                            "Try it on both: is there nothing left over?")
                                    .wrong(
                                            String.valueOf(q),
                                            "bottom-factor",
                                            "It divides the bottom. Does it divide the top too?"),
                            draw,
                            "Try each number on the top first.",
                            "It must divide both without a rest.",
                            "Divide " + k * p + " and " + k * q + " by each of them: is something left over?"))
                    .part(Asks.whole(
                            "Divide the top by it.",
                            "New top",
                            p,
                            Wrong.of(num - k, "subtracted", "That takes it away. Divide instead."),
                            "How many times does it go into " + num + "?",
                            "Divide " + num + " by " + k + ".",
                            k + " times what is " + num + "?"))
                    .part(Asks.whole(
                            "Divide the bottom by the same number.",
                            "New bottom",
                            q,
                            Wrong.of(den - k, "subtracted", "That takes it away. Divide instead."),
                            "How many times does it go into " + den + "?",
                            "Divide " + den + " by " + k + ".",
                            k + " times what is " + den + "?"));
        }
        return item.part(shade(num, den, p, q, guided ? "lit" : "shorn"))
                .part(Asks.number(
                        "Write the share in lowest terms.",
                        "In lowest terms",
                        "one fraction in lowest terms",
                        AnswerSpec.number(Form.Shape.FRACTION_LOWEST, p + "/" + q),
                        new Wrong(
                                p + "/" + den, "top-only", "Only the top was divided. Divide both by the same number."),
                        "Is there a number that divides both?",
                        "Divide top and bottom by the same number; the share stays the same.",
                        "Both can be divided by " + k + "."))
                .step(
                        "Both " + num + " and " + den + " are multiples of " + k + ".",
                        "\\frac{" + k + "\\cdot " + p + "}{" + k + "\\cdot " + q + "}")
                .step(
                        "Divide both by it. No number but 1 divides " + p + " and " + q + ".",
                        "\\frac{" + p + "}{" + q + "}")
                .given(num + "/" + den)
                .build();
    }

    /** The same share on a bar with fewer parts. */
    private static Part shade(int num, int den, int p, int q, String what) {
        return Asks.shade(
                "This bar stands for all " + den + ". Shade the share that is " + what + ".",
                "Shade the same share",
                q,
                p + "/" + q,
                new Wrong(
                        q - p + "/" + q,
                        "unshaded",
                        "That is the share that is not " + what + ". Shade the other one."),
                "How many of the " + den + " does one part of the bar stand for?",
                "One part stands for as many as the others. Share " + den + " out evenly over the parts.",
                "Each part stands for " + den / q + ". How many parts make " + num + "?");
    }
}
