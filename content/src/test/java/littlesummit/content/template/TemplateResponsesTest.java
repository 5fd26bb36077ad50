package littlesummit.content.template;

import static littlesummit.content.template.Sample.ASKED;
import static littlesummit.content.template.Sample.HINTS;
import static littlesummit.content.template.Sample.field;
import static littlesummit.content.template.Sample.item;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.DoubleSummaryStatistics;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.function.Executable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Answers that are laid, chosen in a picture, or said in words. */
class TemplateResponsesTest {
    private static final String LABELS = """
        stem: [Look.]
        parts:
          - ask: Where does each number belong?
            on:
              kind: bar
              alt: A bar in two pieces.
              total: "{{whole}}"
              pieces: [{size: a, slot: first}, {size: b, slot: second}]
            labels: ["{a + b}", "{a}", "{b}"]
            fields:
              - kind: label
                id: whole
                label: the whole bar
                entry: "{a + b}"
                say: The whole is the largest.
                mistakes: [{entry: "{a}", slip: part-for-whole, say: That is a part.}]
              - {kind: label, id: first, label: the left piece, entry: "{a}", say: Look at the left.}
              - {kind: label, id: second, label: the right piece, entry: "{b}", say: Look at the right.}
        """ + HINTS;

    /** What is said of a document that cannot be read, or makes no item. */
    private static String refused(Executable making) {
        return assertThrows(Throwable.class, making).getMessage();
    }

    private static Item labelled(String lines, long seed) {
        return item("a: 2..9, b: 11..19", lines, seed);
    }

    private static String textOf(Field field, String id) {
        return field.response().options().stream()
                .filter(option -> option.id().equals(id))
                .findFirst()
                .orElseThrow()
                .text();
    }

    @Test
    void labelsAreLaidOnTheirPlaces() {
        Part part = labelled(LABELS, 1).parts().getFirst();
        List<Figure.Piece> pieces = ((Figure.Bar) ((Layout.OnFigure) part.layout()).figure()).pieces();
        List<Integer> right = part.fields().stream()
                .map(field -> Integer.parseInt(textOf(field, field.answer().expected())))
                .toList();
        assertEquals(pieces.get(0).size() + pieces.get(1).size(), (double) right.get(0));
        assertEquals(pieces.get(0).size(), (double) right.get(1));
        assertEquals(pieces.get(1).size(), (double) right.get(2));
        assertTrue(part.fields().stream()
                .allMatch(field -> field.response() instanceof Response.DropLabel(List<Option> labels)
                        && labels.equals(part.fields().getFirst().response().options())
                        && labels.size() == 3));
    }

    @Test
    void everyLabelInAWrongPlaceIsSpokenOf() {
        List<Field> fields = labelled(LABELS, 1).parts().getFirst().fields();
        assertEquals(
                Set.of("part-for-whole", "placed-wrong"),
                fields.get(0).mistakes().stream().map(Mistake::slip).collect(Collectors.toSet()));
        Mistake known = fields.get(0).mistakes().getFirst();
        assertEquals("That is a part.", known.message());
        assertEquals(textOf(fields.get(1), fields.get(1).answer().expected()), textOf(fields.get(0), known.entry()));
        fields.forEach(field -> assertEquals(2, field.mistakes().size()));
    }

    @Test
    void theOrderOfTheLabelsTellsNothing() {
        Set<String> met = LongStream.range(0, 60)
                .mapToObj(seed -> labelled(LABELS, seed).parts().getFirst().fields().stream()
                        .map(field -> field.answer().expected())
                        .collect(Collectors.joining()))
                .collect(Collectors.toSet());
        assertEquals(6, met.size());
    }

    @Test
    void labelsAreLaidIntoASentence() {
        String lines = LABELS.replaceFirst(
                "(?s)    on:.*?    labels", "    sentence: \"{{whole}}, {{first}}, {{second}}\"\n    labels");
        assertInstanceOf(
                Layout.InSentence.class, labelled(lines, 1).parts().getFirst().layout());
    }

    /** What stands in the document, what is written in its place, and what is said of it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "labels: [\"{a + b}\", \"{a}\", \"{b}\"] # labels: [\"{a + b}\", \"{a}\"] # one at least for each"
                        + " place",
                "labels: [\"{a + b}\", \"{a}\", \"{b}\"] # labels: [] # from 2 to 8 labels",
                "kind: label, id: first # kind: number, id: first # each field is a place for one",
                "labels: [\"{a + b}\", \"{a}\", \"{b}\"] # naive: {adds: a} # lists its “labels”",
                "say: Look at the left. # say: Look., slip: left # “slip” means nothing here",
                "say: Look at the left. # slip: no # “say” is missing here",
            })
    void labelsThatCannotBeLaidAreRefused(String old, String changed, String said) {
        String refused = refused(() -> labelled(LABELS.replace(old.strip(), changed.strip()), 1));
        assertTrue(refused.contains(said), refused);
    }

    private static final String SHAPES = ASKED + """
            field:
              id: s
              label: Shapes with three sides
              kind: choice
              as: shapes
              order: given
              shapes:
                kind: polygons
                alt: Three shapes.
                shapes:
                  - {id: a, corners: [0, 0, w, 0, w, 3]}
                  - {id: b, corners: [9, 0, 12, 0, 12, 3, 9, 3]}
                  - {id: c, corners: [15, 0, 19, 0, 15, 2]}
              missed: There is another one.
              options:
                - {shape: a, right: yes}
                - {shape: b, slip: looks, say: Count the corners.}
                - {shape: c, right: w > 4, slip: small, say: Look at its size.}
        """;

    @Test
    void shapesAreChosenWhereTheyAreDrawn() {
        Set<String> met = new HashSet<>();
        for (long seed = 0; seed < 30; seed++) {
            Field field = field(item("w: 3..6", SHAPES, seed));
            Figure.Shapes shapes = assertInstanceOf(Response.SelectShapes.class, field.response())
                    .shapes();
            assertEquals(
                    List.of("a", "b", "c"),
                    shapes.items().stream().map(Figure.Polygon::id).toList());
            double width =
                    spread(shapes.items().getFirst(), 0) / spread(shapes.items().get(1), 0) * 3;
            assertEquals(width > 4.1 ? "a,c" : "a", field.answer().expected());
            assertEquals(
                    Verdict.CORRECT, Grader.grade(field.answer(), field.answer().key()));
            assertTrue(field.mistakes().stream().map(Mistake::slip).toList().contains("looks"));
            met.add(field.answer().expected());
        }
        assertEquals(Set.of("a", "a,c"), met);
    }

    /** @param axis 0 for the width, 1 for the height */
    private static double spread(Figure.Polygon shape, int axis) {
        DoubleSummaryStatistics numbers = IntStream.range(0, shape.corners().size() / 2)
                .mapToDouble(i -> shape.corners().get(2 * i + axis))
                .summaryStatistics();
        return numbers.getMax() - numbers.getMin();
    }

    @Test
    void shapesGetTheirLettersByChance() {
        Set<String> met = new HashSet<>();
        for (long seed = 0; seed < 40; seed++) {
            Field field = field(item("w: 3..3", SHAPES.replace("order: given", "order: shuffled"), seed));
            List<Figure.Polygon> shapes =
                    ((Response.SelectShapes) field.response()).shapes().items();
            assertEquals(
                    List.of("a", "b", "c"),
                    shapes.stream().map(Figure.Polygon::id).toList());
            Figure.Polygon right = shapes.stream()
                    .filter(shape -> shape.id().equals(field.answer().expected()))
                    .findFirst()
                    .orElseThrow();
            assertEquals(6, right.corners().size());
            assertEquals(spread(right, 0), spread(right, 1), 0.2);
            met.add(right.id());
        }
        assertEquals(Set.of("a", "b", "c"), met);
    }

    @Test
    void shapesAreDrawnToOneScale() {
        List<Figure.Polygon> shapes = ((Response.SelectShapes)
                        field(item("w: 6..6", SHAPES, 1)).response())
                .shapes()
                .items();
        assertEquals(
                List.of(0.0, 75.0, 100.0, 75.0, 100.0, 25.0), shapes.getFirst().corners());
        assertEquals(50, spread(shapes.get(1), 0), 0.1);
        assertEquals(200.0 / 3, spread(shapes.get(2), 0), 0.1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "corners: [0, 0, w, 0, w, 3] # corners: [0, 0, w, 0, w] # two numbers for each",
                "corners: [0, 0, w, 0, w, 3] # corners: [0, 0, w, 0] # from 3 to 12",
                "corners: [0, 0, w, 0, w, 3] # corners: [0, 0, w, 0, w, 3], right: [0] # counted from 1 to 3",
                "corners: [0, 0, w, 0, w, 3] # corners: [0, 0, w, 0, w, 3], right: [4] # counted from 1 to 3",
            })
    void shapesThatCannotBeDrawnAreRefused(String old, String changed, String said) {
        String refused = refused(() -> item("w: 3..3", SHAPES.replace(old.strip(), changed.strip()), 1));
        assertTrue(refused.contains(said), refused);
    }

    @Test
    void oneTooManyAndOneTooFewAreSpokenOf() {
        Field field = field(item("w: 6..6", SHAPES, 1));
        assertEquals(
                Set.of(
                        new Mistake("a,b,c", "looks", "Count the corners."),
                        new Mistake("a", "missed-one", "There is another one."),
                        new Mistake("c", "missed-one", "There is another one.")),
                Set.copyOf(field.mistakes()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "shape: b, slip # shape: d, slip # the shapes of the picture [a, b, c]",
                "right: yes # slip: none, say: none # No shape is right",
                "shape: b, # text: b, # “shape” is missing here",
                "as: shapes # as: picture # as one, several, list or shapes",
            })
    void shapesThatCannotBeChosenAreRefused(String old, String changed, String said) {
        String lines = SHAPES.replace(old.strip(), changed.strip());
        String refused = refused(() -> item("w: 3..3", lines, 1));
        assertTrue(refused.contains(said), refused);
    }

    private static final String LAID = ASKED + """
            field:
              id: l
              label: Clips along the pencil
              kind: number
              answer: n
              lay: {kind: measured, alt: A pencil., object: pencil, unit: clip, length: n, start: 2}
        """;

    @Test
    void unitsAreLaidAlongAThing() {
        Field field = field(item("n: 3..9", LAID, 1));
        Figure.Measured object =
                assertInstanceOf(Response.LayUnits.class, field.response()).object();
        assertEquals(String.valueOf((int) object.length()), field.answer().key());
        assertEquals("", field.wanted());
    }

    @ParameterizedTest
    @ValueSource(strings = {"length: n / 2", "length: n / 7"})
    void unitsHaveToComeOutEven(String length) {
        String refused = refused(() -> item("n: 3..3", LAID.replace("length: n", length), 1));
        assertTrue(refused.contains("so many whole units long"), refused);
    }

    private static final String WORDS =
            ASKED + "    field: {kind: words, id: w, label: Your reason, entry: 'Because {n} is even.'}\n";

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        words; It is even because of {n}.; true; a sentence or two
        text; It is even because of {n}.; false; a sentence or two
        text; even; false; a word or a number
        """)
    void onlyWordsToAPictureAskForOne(String kind, String entry, boolean isDrawn, String wanted) {
        String text = WORDS.replace("kind: words", "kind: " + kind).replace("Because {n} is even.", entry);
        Item item = item("n: 4..4", text, 1);
        assertEquals(List.of(true, isDrawn), List.of(item.isRead(), item.isDrawn()));
        assertEquals(wanted, field(item).wanted());
    }

    @Test
    void aTextKnowsNoMistakes() {
        String text =
                WORDS.replace("kind: words", "kind: text") + "    mistakes: [{entry: odd, slip: odd, say: No.}]\n";
        assertTrue(refused(() -> item("n: 4..4", text, 1)).contains("A person reads"), text);
    }

    @Test
    void wordsAreReadByAPerson() {
        Item item = item("n: 4..4", WORDS, 1);
        assertTrue(item.isRead());
        assertEquals("Because 4 is even.", field(item).answer().expected());
        assertEquals("a sentence or two", field(item).wanted());
        assertEquals(
                "one sentence",
                field(item("n: 4..4", WORDS.replace("entry", "wanted: one sentence, entry"), 1))
                        .wanted());
    }

    @Test
    void noMistakeIsKnownOfWords() {
        String lines = WORDS + "    mistakes: [{entry: no, slip: no, say: no}]\n";
        String refused = refused(() -> item("n: 4..4", lines, 1));
        assertTrue(refused.contains("A person reads the words"), refused);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "sentence: \"It is {{one}}.\" # “two” has no place. It is written “{{two}}”",
                "table: {rows: [[\"{{two}}\"]]} # “one” has no place",
                "on: {kind: bar, alt: A bar., pieces: [{size: 1, slot: one}, {size: 2, slot: two}]} # places for"
                        + " labels",
                "on: {kind: parts, alt: A bar., parts: 3} # places for labels",
            })
    void aFieldThatNobodyCouldReachIsRefused(String layout, String said) {
        String refused = refused(() -> item("n: 4..4", two(layout, "two"), 1));
        assertTrue(refused.contains(said), refused);
    }

    @Test
    void twoFieldsHaveTwoIds() {
        String refused = refused(() -> item("n: 4..4", two("sentence: \"{{one}} and {{one}}\"", "one"), 1));
        assertTrue(refused.contains("Two fields have the id “one”"), refused);
    }

    private static String two(String layout, String second) {
        return ASKED + """
                %s
                fields:
                  - {id: one, label: First, kind: number, answer: n}
                  - {id: %s, label: Second, kind: number, answer: n}
            """.formatted(layout, second);
    }
}
