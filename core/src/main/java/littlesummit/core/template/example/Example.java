package littlesummit.core.template.example;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Rational;

/**
 * An item as somebody types it: a text with numbers, whose last question is what is asked.
 *
 * @param told what stands before the question; may be empty
 * @param asked the question
 * @param numbers those of both, in their order
 */
public record Example(List<Piece> told, List<Piece> asked, List<Given> numbers) {
    /** More are not told apart by single letters. */
    public static final int MOST_NUMBERS = 6;

    private static final Pattern NUMBER =
            Pattern.compile("(\\$?)(?<![\\d.,])(\\d{1,3}(?:,\\d{3})+|\\d+)(\\.\\d+)?(?![\\d,]*\\d)");
    /** Letters that stand for the numbers; e and i have meanings of their own. */
    private static final String LETTERS = "abcdfg";

    /** Where a sentence ends and another one begins. */
    private static final Pattern END = Pattern.compile("[.!?:;][\"”’)]*\\s+");

    public Example {
        told = List.copyOf(told);
        asked = List.copyOf(asked);
        numbers = List.copyOf(numbers);
    }

    /** A piece of the text. */
    public sealed interface Piece {
        record Words(String text) implements Piece {}

        /** @param index of the number, from 0 */
        record Number(int index) implements Piece {}
    }

    /**
     * A number of the text.
     *
     * @param letter that stands for it in formulas
     * @param places behind the point, as it is written
     * @param isMoney whether a dollar sign stands before it
     */
    public record Given(String letter, Rational value, int places, boolean isMoney) {}

    /**
     * @throws IllegalArgumentException with a sentence, for a text without a question, without a number, or with too
     *     many
     */
    public static Example read(String text) {
        String whole = text.strip();
        if (!whole.endsWith("?")) {
            throw new IllegalArgumentException("The item ends with a question, and a question mark.");
        }
        int question = 0;
        Matcher end = END.matcher(whole);
        while (end.find()) {
            question = end.end();
        }
        List<Given> numbers = new ArrayList<>();
        List<Piece> told = pieces(whole.substring(0, question).strip(), numbers);
        List<Piece> asked = pieces(whole.substring(question), numbers);
        if (numbers.isEmpty()) {
            throw new IllegalArgumentException("There is no number in this item that could vary.");
        }
        return new Example(told, asked, numbers);
    }

    private static List<Piece> pieces(String text, List<Given> numbers) {
        List<Piece> pieces = new ArrayList<>();
        Matcher number = NUMBER.matcher(text);
        int last = 0;
        while (number.find()) {
            if (number.start() > last) {
                pieces.add(new Piece.Words(text.substring(last, number.start())));
            }
            pieces.add(new Piece.Number(numbers.size()));
            numbers.add(given(number, numbers.size()));
            last = number.end();
        }
        if (last < text.length()) {
            pieces.add(new Piece.Words(text.substring(last)));
        }
        return pieces;
    }

    private static Given given(Matcher number, int index) {
        if (index >= MOST_NUMBERS) {
            throw new IllegalArgumentException("At most " + MOST_NUMBERS + " numbers can vary in one item.");
        }
        String behind = number.group(3) == null ? "" : number.group(3);
        String digits = number.group(2).replace(",", "") + behind;
        return new Given(
                LETTERS.substring(index, index + 1),
                Rational.of(new BigDecimal(digits)),
                Math.max(0, behind.length() - 1),
                !number.group(1).isEmpty());
    }
}
