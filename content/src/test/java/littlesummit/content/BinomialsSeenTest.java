package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Powers of binomials at places in between, where y is a number; terms by multiplying out again and again. */
class BinomialsSeenTest {
    private static final double[] PLACES = {-1.7, -0.6, 0.8, 1.9};
    private static final String Y = "(\\\\frac{13}{10})";

    private static List<Item> items(String kind) {
        return SeenItems.of("binomial-expand", kind);
    }

    private static double at(String text, double x) {
        return SeenFormula.value(
                text.replace("*", "").replaceAll("\\^(\\d+)", "^{$1}").replaceAll("y", Y), x);
    }

    private static void agree(String one, String other) {
        for (double x : PLACES) {
            double value = at(one, x);
            assertEquals(value, at(other, x), 1e-9 * Math.max(1, Math.abs(value)), one + " and " + other);
        }
    }

    private static boolean differ(String one, String other) {
        return Arrays.stream(PLACES).anyMatch(x -> Math.abs(at(one, x) - at(other, x)) > 1e-6);
    }

    @ParameterizedTest
    @ValueSource(strings = {"whole", "scaled", "squares"})
    void theExpansionHasTheSameValues(String kind) {
        items(kind).forEach(item -> {
            agree(SeenItems.formula(item), SeenItems.last(item).answer().expected());
            SeenItems.last(item)
                    .mistakes()
                    .forEach(m -> assertTrue(differ(SeenItems.formula(item), m.entry()), m.toString()));
        });
    }

    @Test
    void theBlanksCompleteIt() {
        items("blanks").forEach(item -> {
            Part part = item.parts().getFirst();
            String filled = ((Layout.InFormula) part.layout()).template();
            for (var field : part.fields()) {
                filled = filled.replace(
                        "{{" + field.id() + "}}", "(" + field.answer().expected() + ")");
            }
            agree(SeenItems.formula(item), filled);
        });
    }

    /** Coefficients of (ax + b)^n by multiplying out n times. */
    private static List<Long> expanded(String power) {
        Matcher m = Pattern.compile("\\(?(\\d*)x ([+-]) (\\d+)\\\\right\\)\\^\\{(\\d)}")
                .matcher(power);
        assertTrue(m.find(), power);
        long a = m.group(1).isEmpty() ? 1 : Long.parseLong(m.group(1));
        long b = Long.parseLong(m.group(3)) * (m.group(2).equals("-") ? -1 : 1);
        List<Long> product = List.of(1L);
        for (int i = 0; i < Integer.parseInt(m.group(4)); i++) {
            List<Long> next = new ArrayList<>();
            for (int k = 0; k <= product.size(); k++) {
                long fromBelow = k > 0 ? product.get(k - 1) * a : 0;
                long fromHere = k < product.size() ? product.get(k) * b : 0;
                next.add(fromBelow + fromHere);
            }
            product = next;
        }
        return product;
    }

    @Test
    void oneCoefficientAmongAll() {
        items("one-term").forEach(item -> {
            int exponent = Integer.parseInt(item.parts().getFirst().prompt().replaceAll(".*x\\^\\{(\\d)}.*", "$1"));
            SeenItems.comesTo(expanded(SeenItems.formula(item)).get(exponent), item);
        });
        SeenItems.seldom(items("one-term"), item -> {
            double[] n = SeenItems.numbers(SeenItems.formula(item));
            return Math.abs(n[0]);
        });
    }

    @Test
    void onlyOnePowerGivesTheSum() {
        items("back").forEach(item -> {
            Part part = item.parts().getFirst();
            agree(SeenItems.formula(item), SeenItems.chosen(part));
            SeenItems.others(part).forEach(o -> assertTrue(differ(SeenItems.formula(item), o), o));
        });
    }

    /** Every whole number is tried. */
    @Test
    void theNumberInTheBracketsBringsTheTermAbout() {
        items("unknown").forEach(item -> {
            Matcher term = Pattern.compile("term \\$(\\d+)x(?:\\^\\{(\\d)})?\\$")
                    .matcher(item.parts().getFirst().prompt());
            assertTrue(term.find());
            int exponent = term.group(2) == null ? 1 : Integer.parseInt(term.group(2));
            List<Integer> fitting = IntStream.rangeClosed(1, 20)
                    .filter(a -> expanded(SeenItems.formula(item).replace("+ a", "+ " + a))
                                    .get(exponent)
                            == Long.parseLong(term.group(1)))
                    .boxed()
                    .toList();
            assertEquals(1, fitting.size());
            SeenItems.comesTo(fitting.getFirst(), item);
        });
    }

    @Test
    void theTermThatDiffersIsTheWrongOne() {
        items("wrong-term").forEach(item -> {
            String[] sides = SeenItems.formula(item).split(" = ");
            String[] terms = sides[1].split(" (?=[+-] )");
            List<Long> right = expanded(sides[0]);
            List<Integer> wrong = new ArrayList<>();
            for (int i = 0; i < terms.length; i++) {
                String term = terms[i].replace(" ", "").replaceFirst("^\\+", "");
                double shown = at(term.startsWith("-") ? "0" + term : term, 1);
                if (shown != right.get(3 - i)) {
                    wrong.add(i);
                }
            }
            assertEquals(1, wrong.size(), sides[1]);
            String name = List.of("the first term", "the second term", "the third term", "the fourth term")
                    .get(wrong.getFirst());
            assertEquals(name, SeenItems.chosen(item.parts().getFirst()));
            assertEquals(
                    right.get(3 - wrong.getFirst()),
                    at(SeenItems.last(item).answer().expected(), 1),
                    1e-9);
        });
    }
}
