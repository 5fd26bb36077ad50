package littlesummit.content.code.number;

import java.util.Comparator;
import java.util.List;
import littlesummit.content.code.Words;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/**
 * Two numbers: first in words, then with a sign. Half of the pairs differ in length, and there the shorter one begins
 * with the larger digit; in the other half the numbers begin alike.
 */
final class ComparedPair {
    private static final List<String> WORDS = List.of("is less than", "is greater than", "is equal to");
    private static final List<String> SIGNS = List.of("<", ">", "=");

    private final long a;
    private final long b;
    private final int order;

    private ComparedPair(long a, long b) {
        this.a = a;
        this.b = b;
        this.order = a < b ? 0 : a > b ? 1 : 2;
    }

    static Item make(ItemRef ref, String frame, Draw draw) {
        ComparedPair pair =
                switch (draw.between(1, 8)) {
                    case 1 -> equal(draw);
                    case 2, 3, 4 -> unequalLength(draw);
                    default -> alikeAtFirst(draw);
                };
        return pair.item(ref, frame);
    }

    private static ComparedPair equal(Draw draw) {
        long both = draw.between(1000, 9999);
        return new ComparedPair(both, both);
    }

    /** The shorter one begins with the larger digit, so that the first digits alone mislead. */
    private static ComparedPair unequalLength(Draw draw) {
        long shorter = draw.between(500, 999);
        long longer = draw.between(1000, 4999);
        return draw.coin() ? new ComparedPair(shorter, longer) : new ComparedPair(longer, shorter);
    }

    /** The same first digit or two; what follows goes the other way at its end. */
    private static ComparedPair alikeAtFirst(Draw draw) {
        int head = draw.between(11, 98);
        int one = draw.between(0, 8);
        int other = draw.between(one + 1, 9);
        int last = draw.between(1, 9);
        long low = head * 100L + one * 10 + last;
        long high = head * 100L + other * 10 + draw.between(0, last - 1);
        return draw.coin() ? new ComparedPair(low, high) : new ComparedPair(high, low);
    }

    private Item item(ItemRef ref, String frame) {
        String line = Words.tex(a) + " " + SIGNS.get(order) + " " + Words.tex(b);
        return Items.of(ref)
                .text(frame.formatted(Words.n(a), Words.n(b)))
                .part(words())
                .part(sign())
                .step(why(), line)
                .step("The open side of the sign is at the larger number; equal numbers take an equals sign.", line)
                .given("")
                .build();
    }

    /** Why the two compare as they do: the number of digits, or the first place from the left where they differ. */
    private String why() {
        String one = String.valueOf(a);
        String two = String.valueOf(b);
        if (one.length() != two.length()) {
            return "One has " + one.length() + " digits and the other " + two.length()
                    + ". A number without zeros in front is larger when it has more digits.";
        }
        for (int i = 0; i < one.length(); i++) {
            if (one.charAt(i) != two.charAt(i)) {
                return "From the left, the first place where they differ is that of the "
                        + Place.of(one.length() - 1 - i).many + ": " + one.charAt(i) + " and " + two.charAt(i) + ".";
            }
        }
        return "All places agree.";
    }

    private boolean isOfUnequalLength() {
        return String.valueOf(a).length() != String.valueOf(b).length();
    }

    private Part words() {
        Choices choices = Choices.right(WORDS.get(order));
        for (String other : WORDS) {
            choices.wrong(other, "reversed", message(other.equals("is equal to")));
        }
        Field field = choices.ordered("words", "how they compare", Comparator.reverseOrder());
        return new Part(
                "Choose the words that fit.",
                List.of(field.by(new Response.PickFromList(field.response().options()))),
                new Layout.InSentence(Words.n(a) + " {{words}} " + Words.n(b) + "."),
                List.of(
                        isOfUnequalLength()
                                ? "How many digits has each of them?"
                                : "Which digits decide: the first ones or the last ones?",
                        isOfUnequalLength()
                                ? "More digits mean a higher first place, and that outweighs everything behind it."
                                : "Compare from the left. The first place where the digits differ decides.",
                        firstStep()));
    }

    private String message(boolean saysEqual) {
        if (order == 2) {
            return "Compare place by place. Is there a place where they differ?";
        }
        return saysEqual
                ? "They are not equal: there is a place where the digits differ."
                : isOfUnequalLength()
                        ? "Do not compare the first digits alone: they stand in different places."
                        : "Look at the first place from the left where the digits differ.";
    }

    private String firstStep() {
        if (isOfUnequalLength()) {
            return "Name the first place of " + Words.n(a) + " and that of " + Words.n(b) + ".";
        }
        char one = String.valueOf(a).charAt(0);
        return "The digit in the highest place is " + one + " in both. They agree, so go on to the next place.";
    }

    private Part sign() {
        Choices choices = Choices.right("$" + Words.tex(a) + " " + SIGNS.get(order) + " " + Words.tex(b) + "$");
        for (String other : SIGNS) {
            choices.wrong(
                    "$" + Words.tex(a) + " " + other + " " + Words.tex(b) + "$",
                    "reversed",
                    order == 2
                            ? "That sign says that one of them is larger. Is one?"
                            : other.equals("=")
                                    ? "That sign says that they are equal. Are they?"
                                    : "Read it aloud: the open side of the sign is at the larger number.");
        }
        Field field = choices.ordered("sign", "Sign", Comparator.naturalOrder());
        return new Part(
                "Now with a sign.",
                List.of(field),
                new Layout.Stacked(),
                List.of(
                        "You have just found out how they compare. Now say it with a sign.",
                        "The open side of the sign is at the larger number, the point at the smaller one. Equal numbers"
                                + " take an equals sign.",
                        "Read it from left to right and begin with “"
                                + Words.tex(a).replace("{,}", ",") + " is …”."));
    }
}
