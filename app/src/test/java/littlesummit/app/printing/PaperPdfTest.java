package littlesummit.app.printing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;
import littlesummit.core.paper.MarkScale;
import littlesummit.core.paper.MarkScheme;
import littlesummit.core.paper.SelfMark;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.openpdf.text.pdf.PdfReader;
import org.openpdf.text.pdf.parser.PdfTextExtractor;

class PaperPdfTest {
    static Stream<Skill> skills() {
        return new Catalogue().skills().stream();
    }

    private static List<Item> items(Skill skill) {
        return IntStream.rangeClosed(1, 3)
                .mapToObj(tier -> skill.make(tier, 40 + tier))
                .toList();
    }

    private static byte[] sheet(String line, List<Item> items) {
        return PaperPdf.sheets(List.of(PaperPdf.Sheet.plain("Round", line, false, items)), PaperStyle.USUAL);
    }

    private static byte[] key(List<Item> items) {
        return PaperPdf.key(PaperPdf.Sheet.plain("Round: key", "sheet 1", false, items));
    }

    private static String text(byte[] pdf) {
        try (PdfReader reader = new PdfReader(pdf)) {
            PdfTextExtractor extractor = new PdfTextExtractor(reader);
            StringBuilder text = new StringBuilder();
            for (int page = 1; page <= reader.getNumberOfPages(); page++) {
                text.append(extractor.getTextFromPage(page)).append('\n');
            }
            return text.toString();
        } catch (IOException broken) {
            throw new AssertionError(broken);
        }
    }

    /** What is answered by drawing into its picture needs no room beside it. */
    private static boolean isWorkedOut(Item item) {
        return item.parts().stream().flatMap(p -> p.fields().stream()).anyMatch(f -> switch (f.response()) {
            case Response.Shade s -> false;
            case Response.PlotPoint p -> false;
            case Response.PlotLine p -> false;
            case Response.SelectShapes s -> false;
            case Response.LayUnits l -> false;
            case Response.MarkOnLine m -> false;
            case Response.RayOnLine r -> false;
            default -> true;
        });
    }

    @ParameterizedTest
    @MethodSource("skills")
    void everySkillGoesOnPaperWithRoomForWorkAndNothingLeftUnset(Skill skill) {
        String text = text(sheet("sheet 1", items(skill)));
        for (String there : List.of("1.", "2.", "3.", "Name")) {
            assertTrue(text.contains(there), skill.id() + " lacks " + there + ": " + text);
        }
        assertEquals(items(skill).stream().anyMatch(PaperPdfTest::isWorkedOut), text.contains("Work"), skill.id());
        assertFalse(text.contains("{{") || text.contains("\\frac") || text.contains("$$"), skill.id() + ": " + text);
    }

    @ParameterizedTest
    @MethodSource("skills")
    void theKeyHasAnAnswerForEveryField(Skill skill) {
        List<Item> items = items(skill);
        String text = text(key(items));
        long fields = items.stream()
                .flatMap(i -> i.parts().stream())
                .mapToLong(p -> p.fields().size())
                .sum();
        assertEquals(fields, text.split("Answer", -1).length - 1L, skill.id());
        assertFalse(text.contains("\\frac") || text.contains("{{"), skill.id() + ": " + text);
    }

    @Test
    void theSheetTellsNoAnswerAndFontsTravelInside() {
        Item item = new Catalogue().require("prime-factors").make(2, 7);
        byte[] sheet = sheet("sheet 1", List.of(item));
        assertFalse(text(sheet).contains(item.worked().getFirst().say().substring(0, 12)));
        assertTrue(new String(sheet, StandardCharsets.ISO_8859_1).contains("/FontFile2"));
    }

    @Test
    void aSheetThatIsSomebodysAsksForNoName() {
        List<Item> items = items(new Catalogue().require("mean"));
        for (boolean named : new boolean[] {true, false}) {
            PaperPdf.Sheet sheet = PaperPdf.Sheet.plain("Sheet", "for Nela", named, items);
            String printed = text(PaperPdf.sheets(List.of(sheet), PaperStyle.USUAL));
            assertEquals(named, !printed.contains("Name"), printed);
            assertTrue(printed.contains("Date") && printed.contains("for Nela"), printed);
        }
    }

    @Test
    void nothingThatSomebodyWritesIsMathematics() {
        String odd = "Ropes at $5$ and \\newcommand{\\a}{\\a\\a}$\\a$";
        Item item = new Catalogue().require("mean").make(1, 3);
        PaperPdf.Sheet sheet = PaperPdf.Sheet.plain(odd, "for " + odd, true, List.of(item));
        MarkScale scale = new MarkScale(List.of(new MarkScale.Grade(0, "$x^2$")));
        String printed = text(PaperPdf.solutions(List.of(sheet), PaperStyle.USUAL, scale));
        assertEquals(3, printed.split("newcommand|\\$x\\^2\\$", -1).length - 1, printed);
    }

    @Test
    void everyLineThatEarnsAMarkHasABoxAndTheSumIsSaid() {
        List<Item> items = items(new Catalogue().require("both-sides"));
        int most = SelfMark.most(items.stream().map(MarkScheme::of).toList());
        String printed = text(PaperPdf.solutions(
                List.of(PaperPdf.Sheet.plain("Sheet", "", false, items)),
                PaperStyle.USUAL,
                new MarkScale(List.of(new MarkScale.Grade(50, "half way"), new MarkScale.Grade(0, "begun")))));
        assertEquals(most, printed.split("□ 1", -1).length - 1, printed);
        assertTrue(printed.contains("of " + most + " marks, which is"), printed);
        assertTrue(printed.contains("half way"), printed);
    }

    @Test
    void aDollarSignIsNoMathematics() {
        assertEquals(
                List.of(
                        new TextPiece("It costs $4 for ", false),
                        new TextPiece("x^2", true),
                        new TextPiece(" of it", false)),
                TextPiece.of("It costs \\$4 for $x^2$ of it"));
    }

    private static Item withPictures(long from) {
        return LongStream.range(from, from + 200)
                .boxed()
                .flatMap(seed ->
                        Stream.of(new Catalogue().require("rational-analyse").make(1, seed)))
                .filter(item -> item.ref().variant().startsWith("which-graph"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void picturesToChooseHaveLettersWhichTheKeyNames() {
        Item item = withPictures(5);
        Field graph = item.parts().getLast().fields().getFirst();
        String sheet = text(sheet("sheet 1", List.of(item)));
        for (int i = 0; i < graph.response().options().size(); i++) {
            assertTrue(sheet.contains("○ " + (char) ('A' + i)), sheet);
        }
        int right = graph.response().options().stream()
                .map(Option::id)
                .toList()
                .indexOf(graph.answer().expected());
        String key = text(key(List.of(item)));
        assertTrue(key.matches("(?s).*Answer[^:]*: " + (char) ('A' + right) + "\\s.*"), key);
    }

    @Test
    void oneToChooseHasRingsAndSeveralHaveBoxes() {
        Item one = new Catalogue().require("percent-discount").make(1, 3);
        assertTrue(text(sheet("", List.of(one))).contains("○ A"));
        Item several = Stream.of(1, 2, 3)
                .flatMap(tier -> new Catalogue().skills().stream().map(skill -> skill.make(tier, 9)))
                .filter(item -> item.parts().stream()
                        .flatMap(p -> p.fields().stream())
                        .anyMatch(f -> f.response() instanceof Response.ChooseAll))
                .findFirst()
                .orElseThrow();
        assertTrue(text(sheet("", List.of(several))).contains("□ A"));
    }

    @ParameterizedTest
    @MethodSource("skills")
    void noKeySaysAUnitTwice(Skill skill) {
        LongStream.range(0, 30)
                .mapToObj(seed -> skill.make((int) (seed % 3) + 1, seed))
                .flatMap(item -> item.parts().stream())
                .flatMap(part -> part.fields().stream())
                .map(KeyText::of)
                .forEach(answer ->
                        assertFalse(answer.replaceAll("[\\\\$ {}]", "").matches(".*(%|°|g|kg|cm)\\1"), answer));
    }

    @ParameterizedTest
    @MethodSource("skills")
    void anItemTakesAPageAndOnlyAChainOfPartsMore(Skill skill) throws IOException {
        for (Item item : items(skill)) {
            try (PdfReader reader = new PdfReader(sheet("", List.of(item)))) {
                assertTrue(
                        reader.getNumberOfPages() <= Math.ceilDiv(item.parts().size(), 3),
                        skill.id() + " takes " + reader.getNumberOfPages() + " pages");
            }
        }
    }
}
