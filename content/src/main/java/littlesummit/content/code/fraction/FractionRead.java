package littlesummit.content.code.fraction;

import littlesummit.content.code.Divisors;
import littlesummit.content.code.Words;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** A picture that is there, and what it says. */
final class FractionRead {
    private FractionRead() {}

    /** The share that is not shaded. */
    static Item white(ItemRef ref, String frame, Draw draw) {
        int den = draw.between(4, 12);
        int shaded = draw.between(1, den - 1, n -> 2 * n != den);
        int white = den - shaded;
        Figure.Shape shape = draw.coin() ? Figure.Shape.BAR : Figure.Shape.CIRCLE;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION, white + "/" + den);
        Mistakes mistakes = Mistakes.of(answer)
                .add(shaded + "/" + den, "shaded", "That is the shaded share. Which share is white?")
                .add(
                        white + "/" + shaded,
                        "part-to-part",
                        "That compares the white parts with the shaded ones. A share is of all the parts.");
        return Items.of(ref)
                .text(frame.formatted(Parts.thing(shape, 1)))
                .picture(Parts.picture(shape, 1, Parts.equal(den), shaded))
                .part(Part.of(
                        "What share of the whole is white?",
                        Field.typed("share", "White share", "a fraction such as 2/7", answer, mistakes.list()),
                        "Which parts are meant, the shaded ones or the others?",
                        "Below the line stand all equal parts, above it the ones that are meant.",
                        "Count all the parts first: there are " + den + "."))
                .step(
                        "There are " + den + " parts, and " + shaded
                                + (shaded == 1 ? " of them is shaded." : " of them are shaded."),
                        "")
                .step(
                        "The others are white:",
                        "\\frac{" + den + " - " + shaded + "}{" + den + "} = \\frac{" + white + "}{" + den + "}")
                .build();
    }

    /** A strip is so much of a whole: how many of its parts would the whole have? */
    static Item whole(ItemRef ref, String frame, Draw draw) {
        int den = draw.between(3, 8);
        int num = draw.between(2, den - 1, n -> Divisors.gcd(n, den) == 1);
        int each = draw.between(1, num > 3 ? 2 : 3);
        int there = num * each;
        int all = den * each;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(all));
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        each > 1,
                        String.valueOf(den),
                        "bottom-copied",
                        "That is the bottom number. Is one part of the picture one of so many equal shares?")
                .add(
                        String.valueOf(there + den - num),
                        "shares-as-parts",
                        "The missing shares were counted as parts. How many parts is one share?")
                .add(String.valueOf(there), "part-for-whole", "That is what is there. The whole is longer.");
        return Items.of(ref)
                .text(frame.formatted(Parts.tex(num, den)))
                .picture(Parts.picture(Figure.Shape.BAR, 1, Parts.equal(there), there))
                .part(Part.of(
                        "Into how many such parts could the whole be cut?",
                        Field.typed("parts", "Parts of the whole", "a whole number", answer, mistakes.list()),
                        "Is the whole longer or shorter than the picture?",
                        "The top number says how many equal shares are there, the bottom number how many the whole"
                                + " has.",
                        "The " + there + " parts are " + num + " shares. How many parts is one share?"))
                .step(
                        "The " + there + " parts are " + num + " shares, so one share is:",
                        "\\frac{" + there + "}{" + num + "} = " + each)
                .step("The whole has " + den + " shares.", den + "\\cdot " + each + " = " + all)
                .build();
    }

    private enum Claim {
        RIGHT("Right: there are %2$d equal parts, and %1$d of them are shaded."),
        UNEVEN("Wrong: the parts are not equally large."),
        WHITE("Wrong: the white parts were counted, not the shaded ones."),
        COMPARED("Wrong: the shaded parts were compared with the white ones, not with all.");

        final String verdict;

        Claim(String verdict) {
            this.verdict = verdict;
        }

        String says(int num, int den) {
            return verdict.formatted(num, den);
        }
    }

    /** Somebody names the fraction of a picture, rightly or not. */
    static Item claim(ItemRef ref, String frame, Draw draw) {
        Claim claim = draw.oneOf(Claim.values());
        int parts = draw.between(5, 9);
        int shaded = draw.between(2, parts - 2, n -> 2 * n != parts);
        Figure.Shape shape = claim == Claim.UNEVEN || draw.coin() ? Figure.Shape.BAR : Figure.Shape.CIRCLE;
        int num = claim == Claim.WHITE ? parts - shaded : shaded;
        int den = claim == Claim.COMPARED ? parts - shaded : parts;
        String said = Parts.tex(num, den);
        Choices choices = Choices.right(claim.says(num, den));
        for (Claim other : Claim.values()) {
            if (other != claim) {
                choices.wrong(
                        other.says(num, den),
                        "other-reason",
                        "Count all parts and the shaded ones, and look whether the parts are equally large.");
            }
        }
        return Items.of(ref)
                .text(frame.formatted(
                        Words.name(draw), frame.contains("shows") ? said : "The fraction is " + said + "."))
                .picture(Parts.picture(
                        shape, 1, claim == Claim.UNEVEN ? Parts.uneven(parts) : Parts.equal(parts), shaded))
                .part(Part.of(
                        "Is that right?",
                        choices.shuffled("answer", "Your verdict", draw),
                        "Are all parts of the picture equally large?",
                        "Below the line stands the number of all parts, above it that of the shaded ones.",
                        "Count first: how many parts are there in all?"))
                .step("Count: " + parts + " parts, " + shaded + " of them shaded.", "")
                .step(claim.says(num, den), "")
                .build();
    }
}
