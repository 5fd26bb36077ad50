package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Response;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Fractions read off the data of their pictures, by counting parts and by the sizes of the parts. */
class PicturesSeenTest {
    private static final Pattern FRACTION = Pattern.compile("\\\\frac\\{(\\d+)}\\{(\\d+)}");

    private static List<Item> items(String kind) {
        return SeenItems.of("fraction-picture", kind);
    }

    private static double said(String text) {
        Matcher m = FRACTION.matcher(text);
        assertTrue(m.find(), text);
        return Double.parseDouble(m.group(1)) / Double.parseDouble(m.group(2));
    }

    private static double key(Field field) {
        String[] parts = field.answer().expected().split("/");
        return Double.parseDouble(parts[0]) / Double.parseDouble(parts[1]);
    }

    /** Share that the first parts take up, by their sizes; in wholes. */
    private static double shaded(Figure.FractionPicture picture, int many) {
        double whole = picture.cuts().stream().mapToDouble(d -> d).sum();
        double sum = 0;
        for (int i = 0; i < many; i++) {
            sum += picture.cuts().get(i % picture.cuts().size());
        }
        return sum / whole;
    }

    private static Figure.FractionPicture picture(Item item) {
        return item.stem().stream()
                .filter(Block.Picture.class::isInstance)
                .map(b -> (Figure.FractionPicture) ((Block.Picture) b).figure())
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"shade,1,1", "finer,2,3", "above,1,1"})
    void aShareCanBeShadedInThePictureThatIsThere(String kind, int fewest, int most) {
        items(kind).forEach(item -> {
            Field field = SeenItems.first(item);
            Figure.FractionPicture picture = ((Response.Shade) field.response()).picture();
            double wanted = said(SeenItems.text(item));
            int parts = picture.cuts().size();
            assertEquals(wanted, key(field), 1e-12);
            assertEquals(0, picture.shaded(), "nothing is shaded yet");
            assertTrue(wanted < picture.wholes(), "there is enough to shade");
            long many = Math.round(wanted * parts);
            assertEquals(wanted, shaded(picture, (int) many), 1e-12, "whole parts make it");
            Matcher m = FRACTION.matcher(SeenItems.text(item));
            assertTrue(m.find());
            int cut = parts / Integer.parseInt(m.group(2));
            assertTrue(cut >= fewest && cut <= most, kind + " is cut " + cut + " times as fine");
        });
    }

    @Test
    void thePicturesThatFitAreThoseThatShowIt() {
        items("find").forEach(item -> {
            Field field = SeenItems.first(item);
            double wanted = said(SeenItems.text(item));
            Set<String> fits = field.response().options().stream()
                    .filter(o -> {
                        Figure.FractionPicture p =
                                (Figure.FractionPicture) o.figure().orElseThrow();
                        boolean equal = p.cuts().stream().distinct().count() == 1;
                        return equal && Math.abs(shaded(p, p.shaded()) - wanted) < 1e-12;
                    })
                    .map(o -> o.id())
                    .collect(Collectors.toSet());
            assertEquals(Set.copyOf(Arrays.asList(field.answer().expected().split(","))), fits);
        });
    }

    @Test
    void whatIsWhiteIsWhatIsNotShaded() {
        items("white").forEach(item -> {
            Figure.FractionPicture p = picture(item);
            assertEquals(1 - shaded(p, p.shaded()), key(SeenItems.first(item)), 1e-12);
        });
    }

    @Test
    void theWholeHasSoManyMoreParts() {
        items("whole").forEach(item -> {
            Figure.FractionPicture p = picture(item);
            assertEquals(p.cuts().size(), p.shaded(), "all that is there counts");
            int whole = Integer.parseInt(SeenItems.first(item).answer().expected());
            assertEquals(said(SeenItems.text(item)), (double) p.shaded() / whole, 1e-12);
        });
    }

    @Test
    void theVerdictOnAClaimIsThatOfThePicture() {
        items("claim").forEach(item -> {
            Figure.FractionPicture p = picture(item);
            double claimed = said(SeenItems.text(item));
            int parts = p.cuts().size();
            boolean equal = p.cuts().stream().distinct().count() == 1;
            String verdict = !equal
                    ? "not equally large"
                    : claimed == (double) p.shaded() / parts
                            ? "Right"
                            : claimed == (double) (parts - p.shaded()) / parts
                                    ? "white parts were counted"
                                    : "compared";
            assertTrue(SeenItems.chosen(item.parts().getFirst()).contains(verdict), verdict);
            assertEquals(
                    1,
                    item.parts().getFirst().fields().getFirst().response().options().stream()
                            .filter(o -> o.text().contains(verdict))
                            .count());
        });
    }

    @ParameterizedTest
    @CsvSource({"sketch", "draw"})
    void whatIsDrawnIsReadByAPerson(String kind) {
        items(kind).forEach(item -> {
            assertTrue(item.isRead());
            assertTrue(kind.equals("sketch") == said(SeenItems.text(item)) < 1);
            assertTrue(SeenItems.first(item).answer().expected().contains("equal parts"));
        });
    }
}
