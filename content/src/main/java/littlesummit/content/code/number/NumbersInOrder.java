package littlesummit.content.code.number;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import littlesummit.content.code.Words;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Four numbers of which one row is in order; the other rows follow the ways in which order is mistaken. */
final class NumbersInOrder {
    private NumbersInOrder() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int digit = draw.between(2, 7);
        long shortest = draw.between(digit * 100 + 100, 999);
        long low = digit * 1000L + draw.between(1, 4) * 100 + draw.between(50, 99);
        long high = digit * 1000L + draw.between(5, 9) * 100 + draw.between(10, 49);
        long longest = draw.between(10_000, digit * 10_000 - 1);
        List<Long> numbers = List.of(shortest, low, high, longest);
        List<Long> shown = draw.shuffled(numbers);
        Field field = Choices.right(row(numbers, Comparator.naturalOrder()))
                .wrong(
                        row(numbers, Comparator.comparing(String::valueOf)),
                        "first-digit",
                        "It looks as if the first digits were compared. They stand in different places.")
                .wrong(
                        row(List.of(shortest, high, low, longest)),
                        "same-length",
                        "Two of them begin alike. Which place tells them apart?")
                .wrong(row(numbers, Comparator.reverseOrder()), "other-way", "They are in order, the other way round.")
                .shuffled("answer", "In order", draw);
        return Items.of(ref)
                .text(frame + " The numbers are "
                        + Words.list(shown.stream().map(Words::n).toList()) + ".")
                .part(Part.of(
                        "Which row begins with the smallest one and goes up?",
                        field,
                        "How many digits has each of them?",
                        "First sort them by how many digits they have. Among those of the same length the first place"
                                + " where they differ decides.",
                        "Only one of them has three digits. Where does it belong?"))
                .step(
                        "Sort by the number of digits: three, four and five.",
                        Words.tex(shortest) + " < " + Words.tex(low) + " < " + Words.tex(longest))
                .step(
                        "Both numbers of four digits begin with " + digit + "; their hundreds decide.",
                        Words.tex(low) + " < " + Words.tex(high))
                .step("Put them in a row.", numbers.stream().map(Words::tex).collect(Collectors.joining(" < ")))
                .given("")
                .build();
    }

    private static String row(List<Long> numbers, Comparator<Long> order) {
        return row(numbers.stream().sorted(order).toList());
    }

    private static String row(List<Long> numbers) {
        return numbers.stream().map(Words::n).collect(Collectors.joining(", "));
    }
}
