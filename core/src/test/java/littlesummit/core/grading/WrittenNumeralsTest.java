package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.math.BigInteger;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WrittenNumeralsTest {
    /** Taken away from the largest on: another way than the one that reads them. */
    private static final Map<Integer, String> ROMAN = new TreeMap<>((a, b) -> b - a);

    static {
        int[] values = {1000, 900, 500, 400, 100, 90, 50, 40, 10, 9, 5, 4, 1};
        String[] signs = {"M", "CM", "D", "CD", "C", "XC", "L", "XL", "X", "IX", "V", "IV", "I"};
        for (int i = 0; i < values.length; i++) {
            ROMAN.put(values[i], signs[i]);
        }
    }

    private static String roman(int n) {
        StringBuilder text = new StringBuilder();
        int rest = n;
        for (Map.Entry<Integer, String> sign : ROMAN.entrySet()) {
            for (; rest >= sign.getKey(); rest -= sign.getKey()) {
                text.append(sign.getValue());
            }
        }
        return text.toString();
    }

    private static Optional<BigInteger> number(long n) {
        return Optional.of(BigInteger.valueOf(n));
    }

    @Test
    void everyRomanNumeralOfTwoSignsOrMoreIsRead() {
        for (int n = 1; n < 4000; n++) {
            String text = roman(n);
            assertEquals(text.length() > 1 ? number(n) : Optional.empty(), WrittenNumerals.read(text), text);
        }
    }

    /** One sign alone is a letter; the others are not written so. */
    @ParameterizedTest
    @ValueSource(strings = {"X", "I", "IIII", "VV", "IC", "XXXX", "MMMM", "VX", "xxv", "XXVa", "DD", "IIX"})
    void whatIsNoRomanNumeralIsNone(String text) {
        assertEquals(Optional.empty(), WrittenNumerals.read(text));
    }

    private static final String[] SMALL =
            ("zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen"
                            + " seventeen eighteen nineteen")
                    .split(" ");
    private static final String[] TENS = "- - twenty thirty forty fifty sixty seventy eighty ninety".split(" ");

    private static String below1000(int n, String hyphen, String and) {
        String rest = n % 100 < 20 ? SMALL[n % 100] : TENS[n / 10 % 10] + (n % 10 == 0 ? "" : hyphen + SMALL[n % 10]);
        return n < 100 ? rest : SMALL[n / 100] + " hundred" + (n % 100 == 0 ? "" : and + rest);
    }

    private static String words(int n, String hyphen, String and) {
        StringBuilder text = new StringBuilder();
        int rest = n;
        int[] sizes = {1_000_000_000, 1_000_000, 1000};
        String[] names = {"billion", "million", "thousand"};
        for (int i = 0; i < sizes.length; i++) {
            if (rest >= sizes[i]) {
                text.append(below1000(rest / sizes[i], hyphen, and))
                        .append(' ')
                        .append(names[i])
                        .append(' ');
                rest %= sizes[i];
            }
        }
        return text.isEmpty() || rest > 0
                ? text + below1000(rest, hyphen, and)
                : text.toString().strip();
    }

    @Test
    void wordsAreReadHoweverTheyAreJoined() {
        Random random = new Random(11);
        for (int i = 0; i < 20_000; i++) {
            int n = i < 2000 ? i : random.nextInt(1 << (8 + random.nextInt(23)));
            for (String hyphen : new String[] {"-", " "}) {
                for (String and : new String[] {" ", " and "}) {
                    String text = words(n, hyphen, and);
                    assertEquals(number(n), WrittenNumerals.read(text), text);
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "minus seven, -7",
        "Negative forty-two, -42",
        "Twenty Five, 25",
        "nine thousand and five, 9005",
        "two million and one, 2000001",
        "zero, 0",
        "ninety-nine., 99"
    })
    void signsCapitalsAndAnds(String text, long n) {
        assertEquals(number(n), WrittenNumerals.read(text));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "a",
                "and",
                "hundred",
                "thousand",
                "ten hundred five hundred",
                "twenty ten",
                "twenty zero",
                "five hundred and",
                "one two",
                "two thousand three thousand",
                "thousand million",
                "zero hundred",
                "minus",
                "minus minus one",
                "twenty-",
                "one million zero",
                "fifty thirty",
                "eleven one",
                "one half",
                "none",
                "hundred one",
                "two and five"
            })
    void whatNobodyCountsSoIsNone(String text) {
        assertEquals(Optional.empty(), WrittenNumerals.read(text), text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "25;twenty-five;form;digits-wanted",
                "25;XXV;form;digits-wanted",
                "25;twenty-six;incorrect;",
                "25;XXIV;incorrect;",
                "-7;minus seven;form;digits-wanted",
                "3;3 mod 7;correct;",
                "3;3 (mod 7);correct;",
                "3;10 mod 7;form;write-as-fraction",
                "3;10 \\bmod 7;form;write-as-fraction",
                "3;10 \\pmod{7};form;write-as-fraction",
                "3;x ≡ 3 (mod 7);correct;",
                "3;11 mod 7;incorrect;",
                "4;-3 mod 7;form;write-as-fraction",
                "0;14 mod 7;form;write-as-fraction",
            })
    void theValueCountsAndDigitsAreAskedFor(String expected, String entry, String verdict, String why) {
        AnswerSpec field = AnswerSpec.number(Form.Shape.ANY, expected);
        Verdict found = Grader.grade(field, entry);
        assertEquals(verdict, found.code(), entry);
        assertEquals(Optional.ofNullable(why), found.why().map(Reason::code), entry);
    }

    /** What is shown while one types agrees with the verdict, and does not do the work. */
    @ParameterizedTest
    @CsvSource({"twenty-five, \\text{twenty-five}", "XXV, \\text{XXV}", "10 mod 7, \\text{10 mod 7}"})
    void itIsShownAsItStands(String entry, String latex) {
        Reader.ReadAs read = Reader.read(entry, AnswerSpec.number(Form.Shape.ANY, "1"));
        assertEquals(latex, read.latex());
        assertEquals(-1, read.at());
        assertEquals("", read.message());
    }

    @Test
    void nothingIsLeftByZero() {
        assertEquals(
                "unreadable",
                Grader.grade(AnswerSpec.number(Form.Shape.ANY, "3"), "3 mod 0").code());
    }

    /** Where letters stand for numbers, capitals are no numerals. */
    @Test
    void inAFieldWithCapitalLettersTheyAreLetters() {
        AnswerSpec field = AnswerSpec.number(Form.Shape.ANY, "9").withLetters("X");
        assertEquals("unreadable", Grader.grade(field, "IX").code());
        assertEquals(
                "form",
                Grader.grade(AnswerSpec.number(Form.Shape.ANY, "9").withLetters("x"), "IX")
                        .code());
    }
}
