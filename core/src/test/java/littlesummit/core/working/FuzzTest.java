package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.fail;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import org.junit.jupiter.api.Test;

/**
 * Entries and lines with signs left out, doubled, swapped and put in get a verdict each, whatever they come to.
 * {@code ./summit test -Dfuzz=200000} tries that many.
 */
class FuzzTest {
    private static final int TRIED = Integer.getInteger("fuzz", 4000);
    private static final String SIGNS =
            "0123456789xy+-*/^=<>|().,:;%$°±√π∞∪∅\\{}[]~_'\"!? ≈≤≥≠→✓\u200B\u0660\uD83D\uDE00";
    private static final List<String> PIECES = List.of(
            "sqrt(",
            "root(3,",
            "|x|",
            "\\frac{",
            "}{",
            "...",
            "(3)",
            " or ",
            " and ",
            "no solution",
            "x_1",
            "=>",
            "R",
            " R 2",
            ":30 pm",
            "[[1,2],[3,4]]",
            "\\begin{pmatrix}",
            " & ",
            "\\\\",
            "\\end{pmatrix}",
            "\\begin{cases}",
            " if x < 0; ",
            " otherwise",
            "\\sum_{k=1}^{3} k",
            "€",
            "i",
            "1/0",
            "^x");
    private static final Set<String> LETTERS = Set.of("x", "y", "a");
    private static final List<AnswerSpec> SPECS = List.of(
            AnswerSpec.number(Form.Shape.ANY, "2.125"),
            AnswerSpec.of(Kind.EXPRESSION, Form.Shape.FACTORED, "x^2-4").withLetters("x", "y"),
            AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, "y=2x+1").withLetters("x", "y"),
            AnswerSpec.of(Kind.PAIR, Form.Shape.ANY, "(3,-2)"),
            AnswerSpec.of(Kind.SET, Form.Shape.ANY, "{4,-4}"),
            AnswerSpec.of(Kind.DOMAIN, Form.Shape.ANY, "-3<x<3"),
            AnswerSpec.of(Kind.QUANTITY, Form.Shape.ANY, "1.5 kg"),
            AnswerSpec.of(Kind.QUANTITY, Form.Shape.ANY, "€2.50/kg"),
            AnswerSpec.of(Kind.PAIR, Form.Shape.ANY, "(3,-2,1)"),
            AnswerSpec.of(Kind.REMAINDER, Form.Shape.ANY, "37/5 = 7 R 2"),
            AnswerSpec.of(Kind.TIME, Form.Shape.ANY, "14:30"),
            AnswerSpec.of(Kind.DATE, Form.Shape.ANY, "24 December"),
            AnswerSpec.of(Kind.COMPLEX, Form.Shape.CARTESIAN, "3+2i"),
            AnswerSpec.of(Kind.PIECES, Form.Shape.ANY, "x^2 if x < 0; 2x if x >= 0"),
            AnswerSpec.of(Kind.MATRIX, Form.Shape.ANY, "[[1,2],[3,4]]"));

    private static List<String> seeds() {
        List<String> all = new ArrayList<>();
        for (String file : List.of("lines.csv", "wrong-lines.csv", "threads.csv")) {
            InputStream in = Objects.requireNonNull(FuzzTest.class.getResourceAsStream(file));
            try (BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                lines.lines()
                        .filter(l -> !l.startsWith("#"))
                        .map(l -> l.split(";"))
                        .forEach(cells -> {
                            all.add(cells[0]);
                            all.add(cells[2]);
                        });
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return all;
    }

    private static String mutated(String text, Random random) {
        StringBuilder changed = new StringBuilder(text);
        for (int n = random.nextInt(4); n >= 0; n--) {
            int at = random.nextInt(changed.length() + 1);
            switch (random.nextInt(4)) {
                case 0 -> changed.insert(at, SIGNS.charAt(random.nextInt(SIGNS.length())));
                case 1 -> changed.insert(at, PIECES.get(random.nextInt(PIECES.size())));
                case 2 -> changed.delete(at, Math.min(changed.length(), at + 1 + random.nextInt(3)));
                default -> changed.insert(at, changed.substring(0, at));
            }
        }
        return changed.substring(0, Math.min(changed.length(), 200));
    }

    /** So that invisible signs can be seen. */
    private static String escaped(String text) {
        return text.chars()
                .mapToObj(c -> c < 128 ? "" + (char) c : "\\u%04x".formatted(c))
                .collect(Collectors.joining());
    }

    @Test
    void everyMutatedPageGetsAVerdictForEachLine() {
        List<String> seeds = seeds();
        IntStream.range(0, TRIED / 2).parallel().forEach(i -> {
            Random random = new Random(i);
            String given = seeds.get(random.nextInt(seeds.size()));
            String start = random.nextInt(4) == 0 ? mutated(given, random) : given;
            List<String> lines = IntStream.range(0, 3)
                    .mapToObj(k -> mutated(seeds.get(random.nextInt(seeds.size())), random))
                    .toList();
            try {
                assertEquals(3, WorkCheck.check(start, LETTERS, lines).size());
            } catch (RuntimeException crash) {
                fail(escaped(start + " | " + String.join(" | ", lines)), crash);
            }
        });
    }

    @Test
    void everyMutatedEntryGetsAVerdict() {
        List<String> seeds = seeds();
        IntStream.range(0, TRIED / 2).parallel().forEach(i -> {
            Random random = new Random(-i - 1L);
            String entry = mutated(seeds.get(random.nextInt(seeds.size())), random);
            AnswerSpec spec = SPECS.get(random.nextInt(SPECS.size()));
            try {
                assertFalse(Grader.grade(spec, entry).message().isBlank());
            } catch (RuntimeException crash) {
                fail(spec.kind() + ": " + escaped(entry), crash);
            }
        });
    }
}
