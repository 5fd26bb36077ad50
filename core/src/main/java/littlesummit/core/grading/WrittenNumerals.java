package littlesummit.core.grading;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.core.math.NumberWords;

/**
 * Whole numbers that are not written in digits: in English words (“twenty-five”, “minus two hundred and six”), with an
 * “and” or without, and in Roman numerals in their usual form (XXV). Spelling as in British and American school books:
 * common practice.
 */
final class WrittenNumerals {
    private static final int LONGEST = 200;
    private static final Map<String, Integer> ONES = places(NumberWords.SMALL, 1);
    private static final Map<String, Integer> TENS = places(NumberWords.TENS, 10);
    private static final List<String> HEAPS = List.of("billion", "million", "thousand");
    private static final long[] SIZES = {1_000_000_000L, 1_000_000L, 1_000L};

    /** Thousands, hundreds, tens and ones, each at most once and none written longer than it has to be. */
    private static final Pattern ROMAN =
            Pattern.compile("(?=[MDCLXVI]{2})M{0,3}(CM|CD|D?C{0,3})(XC|XL|L?X{0,3})(IX|IV|V?I{0,3})");

    private static final Map<Character, Integer> SIGNS =
            new TreeMap<>(Map.of('I', 1, 'V', 5, 'X', 10, 'L', 50, 'C', 100, 'D', 500, 'M', 1000));

    private WrittenNumerals() {}

    /** What each word counts: its place, so many times. */
    private static Map<String, Integer> places(List<String> words, int times) {
        return IntStream.range(0, words.size())
                .filter(place -> !words.get(place).isEmpty())
                .boxed()
                .collect(Collectors.toMap(words::get, place -> place * times));
    }

    /** The number; empty for whatever else is written. */
    static Optional<BigInteger> read(String entry) {
        String text = entry.strip();
        if (text.length() < 2 || text.length() > LONGEST || !Character.isLetter(text.charAt(0))) {
            return Optional.empty();
        }
        return ROMAN.matcher(text).matches() ? Optional.of(roman(text)) : words(text);
    }

    private static BigInteger roman(String text) {
        int sum = 0;
        for (int i = 0; i < text.length(); i++) {
            int sign = SIGNS.get(text.charAt(i));
            sum += i + 1 < text.length() && sign < SIGNS.get(text.charAt(i + 1)) ? -sign : sign;
        }
        return BigInteger.valueOf(sum);
    }

    private static Optional<BigInteger> words(String text) {
        String[] all = text.toLowerCase(Locale.ROOT).replaceFirst("\\.$", "").split("[\\s-]+", -1);
        List<String> words = new ArrayList<>(List.of(all));
        boolean isNegative =
                words.getFirst().equals("minus") || words.getFirst().equals("negative");
        if (isNegative) {
            words.removeFirst();
        }
        return number(words).map(number -> BigInteger.valueOf(isNegative ? -number : number));
    }

    /** From the largest heap down: what stands before its name says how many. */
    private static Optional<Long> number(List<String> words) {
        List<String> rest = words;
        long sum = 0;
        boolean isLarge = false;
        for (int i = 0; i < SIZES.length; i++) {
            int at = rest.indexOf(HEAPS.get(i));
            if (at >= 0) {
                Optional<Integer> many = hundreds(rest.subList(0, at));
                if (many.filter(m -> m > 0).isEmpty()) {
                    return Optional.empty();
                }
                sum += many.get() * SIZES[i];
                rest = rest.subList(at + 1, rest.size());
                isLarge = true;
            }
        }
        if (isLarge && rest.isEmpty()) {
            return Optional.of(sum);
        }
        boolean hasAnd = isLarge && rest.getFirst().equals("and");
        long large = sum;
        return hundreds(hasAnd ? rest.subList(1, rest.size()) : rest)
                .filter(small -> large == 0 || small > 0)
                .map(small -> large + small);
    }

    /** Below a thousand. */
    private static Optional<Integer> hundreds(List<String> words) {
        int at = words.indexOf("hundred");
        if (at < 0) {
            return tens(words);
        }
        Optional<Integer> many = at == 1 ? Optional.ofNullable(ONES.get(words.getFirst())) : Optional.empty();
        List<String> rest = words.subList(at + 1, words.size());
        if (many.filter(m -> m > 0 && m < 10).isEmpty()) {
            return Optional.empty();
        }
        if (rest.isEmpty()) {
            return many.map(m -> m * 100);
        }
        List<String> small = rest.getFirst().equals("and") ? rest.subList(1, rest.size()) : rest;
        return tens(small).filter(s -> s > 0).map(s -> many.get() * 100 + s);
    }

    private static Optional<Integer> tens(List<String> words) {
        return switch (words.size()) {
            case 1 -> Optional.ofNullable(ONES.getOrDefault(words.getFirst(), TENS.get(words.getFirst())));
            case 2 -> {
                Integer tens = TENS.get(words.getFirst());
                Integer ones = ONES.get(words.getLast());
                yield tens == null || ones == null || ones == 0 || ones > 9
                        ? Optional.empty()
                        : Optional.of(tens + ones);
            }
            default -> Optional.empty();
        };
    }
}
