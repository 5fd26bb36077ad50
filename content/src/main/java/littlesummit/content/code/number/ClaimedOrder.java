package littlesummit.content.code.number;

import littlesummit.content.code.Words;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Somebody's claim with a reason: the claim may be true and its reason none. */
final class ClaimedOrder {
    private static final String BOTH = "The claim is true, and the reason is a good one.";
    private static final String CLAIM_ONLY = "The claim is true, but the reason does not hold in general.";
    private static final String NEITHER = "The claim is false, and so the reason cannot hold.";

    /** Ways to argue, each with numbers for which the claim is true, and for which it is false. */
    private enum Reason {
        FIRST_DIGIT("The number that begins with the larger digit is the larger one."),
        MORE_DIGITS("The number with more digits is the larger one."),
        LAST_DIGIT("The number that ends in the larger digit is the larger one."),
        LARGEST_DIGIT("The number that holds the largest digit is the larger one.");

        final String text;

        Reason(String text) {
            this.text = text;
        }
    }

    private ClaimedOrder() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        boolean good = draw.between(1, 3) == 1;
        Reason reason =
                good ? Reason.MORE_DIGITS : draw.oneOf(Reason.FIRST_DIGIT, Reason.LAST_DIGIT, Reason.LARGEST_DIGIT);
        long[] pair = numbers(reason, draw.coin(), draw);
        long said = pair[0];
        long other = pair[1];
        boolean isTrue = said > other;
        String right = good ? BOTH : isTrue ? CLAIM_ONLY : NEITHER;
        String claim = Words.n(said) + " is greater than " + Words.n(other) + ".";
        Field field = Choices.right(right)
                .wrong(
                        BOTH,
                        "reason-believed",
                        isTrue
                                ? "Look for other numbers with which this reason leads to something false."
                                : "Compare the two numbers yourself, from the left.")
                .wrong(
                        CLAIM_ONLY,
                        "reason-not-tried",
                        isTrue
                                ? "Look for numbers for which the reason would fail. Are there any?"
                                : "Compare the two numbers yourself, from the left.")
                .wrong(NEITHER, "claim-not-checked", "Compare the two numbers yourself, from the left.")
                .ordered("answer", "Claim and reason", java.util.Comparator.naturalOrder());
        return Items.of(ref)
                .text(frame.formatted(Words.name(draw), claim, reason.text))
                .part(Part.of(
                        "What is true?",
                        field,
                        "There are two questions here: is the claim true, and would the reason always lead to the"
                                + " truth?",
                        "A reason is a good one when it can never lead to something false. One example against it is"
                                + " enough.",
                        "First leave the reason alone and compare " + Words.n(said) + " and " + Words.n(other) + "."))
                .step("Compare the two numbers.", Words.tex(said) + (isTrue ? " > " : " < ") + Words.tex(other))
                .step(against(reason), "")
                .given("")
                .second(good ? "Why it can never fail" : "An example against it", new Block.Text(against(reason)))
                .build();
    }

    private static long[] numbers(Reason reason, boolean isTrue, Draw draw) {
        return switch (reason) {
            case MORE_DIGITS -> new long[] {draw.between(1000, 4999), draw.between(500, 999)};
            case FIRST_DIGIT -> {
                int first = draw.between(5, 9);
                int second = draw.between(1, first - 1);
                yield isTrue
                        ? new long[] {first * 1000L + draw.between(10, 499), second * 1000L + draw.between(500, 999)}
                        : new long[] {first * 1000L + draw.between(10, 999), second * 10_000L + draw.between(100, 9999)
                        };
            }
            case LAST_DIGIT -> {
                int end = draw.between(4, 9);
                int otherEnd = draw.between(0, end - 1);
                int head = draw.between(30, 90);
                int otherHead = isTrue ? draw.between(11, head - 1) : draw.between(head + 1, 99);
                yield new long[] {head * 10L + end, otherHead * 10L + otherEnd};
            }
            case LARGEST_DIGIT -> {
                int top = draw.between(8, 9);
                int head = draw.between(3, 5);
                int otherHead = isTrue ? draw.between(1, head - 1) : draw.between(head + 1, top - 1);
                yield new long[] {
                    head * 100L + draw.between(0, 7) * 10 + top,
                    otherHead * 100L + draw.between(0, 7) * 10 + draw.between(0, 7)
                };
            }
        };
    }

    private static String against(Reason reason) {
        return switch (reason) {
            case FIRST_DIGIT -> "9 begins with a larger digit than 10, and is less.";
            case MORE_DIGITS ->
                "Of whole numbers without zeros in front, the one with more digits has a higher first place, and that"
                        + " outweighs everything behind it. This reason holds.";
            case LAST_DIGIT -> "19 ends in a larger digit than 20, and is less.";
            case LARGEST_DIGIT -> "9 is a larger digit than those of 10, and 9 is less than 10.";
        };
    }
}
