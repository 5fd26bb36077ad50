package littlesummit.content.template;

import static littlesummit.content.template.Sample.ASKED;
import static littlesummit.content.template.Sample.HINTS;
import static littlesummit.content.template.Sample.field;
import static littlesummit.content.template.Sample.item;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;
import littlesummit.core.proof.Proof;
import littlesummit.core.proof.Prover;
import org.junit.jupiter.api.Test;

/** What a template can say comes out in the items. */
class TemplateItemsTest {
    @Test
    void theSameSeedGivesTheSameItem() {
        for (int tier = 1; tier <= 3; tier++) {
            assertEquals(
                    Sample.skill(Sample.TEXT).make(tier, 5),
                    Sample.skill(Sample.TEXT).make(tier, 5));
            assertNotEquals(
                    Sample.skill(Sample.TEXT).make(tier, 5),
                    Sample.skill(Sample.TEXT).make(tier, 6));
        }
    }

    @Test
    void conditionsHoldInEveryItem() {
        for (long seed = 0; seed < 300; seed++) {
            Item item = Sample.skill(Sample.TEXT).make(2, seed);
            assertTrue(Integer.parseInt(field(item).answer().key()) >= 1, item.toString());
        }
    }

    @Test
    void aChoiceIsRightWhereItsConditionHolds() {
        String lines = ASKED + """
                field:
                  id: larger
                  label: The larger one
                  kind: choice
                  order: given
                  options:
                    - {text: "{a}", right: a > b, slip: first, say: Look again.}
                    - {text: "{b}", right: a < b, slip: second, say: Look again.}
                    - {text: as large, right: a = b, slip: same, say: Look again.}
            """;
        Set<String> met = new HashSet<>();
        for (long seed = 0; seed < 60; seed++) {
            Item item = item(
                    "a: 1..3, b: 4..6",
                    lines.replace("a > b", "a + 3 > b")
                            .replace("a < b", "a + 3 < b")
                            .replace("a = b", "a + 3 = b"),
                    seed);
            Field field = field(item);
            List<Option> options = field.response().options();
            int a = Integer.parseInt(options.get(0).text());
            int b = Integer.parseInt(options.get(1).text());
            assertEquals(a + 3 > b ? "a" : a + 3 < b ? "b" : "c", field.answer().expected());
            assertEquals(2, field.mistakes().size());
            met.add(field.answer().expected());
        }
        assertEquals(Set.of("a", "b", "c"), met);
    }

    @Test
    void severalMayBeRight() {
        String lines = ASKED + """
                field:
                  id: even
                  label: Even numbers
                  kind: choice
                  as: several
                  missed: There is another one.
                  options:
                    - {text: "{2n}", right: yes}
                    - {text: "{4n}", right: yes}
                    - {text: "{2n + 1}", slip: odd, say: Divide it by 2.}
            """;
        Field field = field(item("n: 3..9", lines, 1));
        assertTrue(field.response() instanceof Response.ChooseAll);
        assertEquals(
                Verdict.CORRECT, Grader.grade(field.answer(), field.answer().key()));
        assertEquals(
                Set.of("odd", "missed-one"),
                Set.copyOf(field.mistakes().stream().map(m -> m.slip()).toList()));
    }

    @Test
    void numbersOfAFigureAreFormulas() {
        String lines = """
            stem:
              - figure:
                  kind: number-line
                  alt: A line from 0 to {10n}.
                  from: 0
                  to: 10n
                  step: n
                  marks: [{at: 3n, label: A}, {at: 4n, label: B, when: n > 100}]
            parts:
              - ask: Where?
                field: {id: f, label: At, kind: number, answer: 3n}
            """ + HINTS;
        Item item = item("n: 2..5", lines, 3);
        assertTrue(item.stem().getFirst() instanceof Block.Picture(Figure.NumberLine line)
                && line.marks().size() == 1
                && line.marks().getFirst().at() == 3 * line.step()
                && line.alt().endsWith((int) line.to() + "."));
    }

    @Test
    void aTableHasOneCellForEachValue() {
        String lines = """
            stem:
              - table: {head: [Day, {each: sort(list)}], rows: [[Litres, {each: list}]]}
            parts:
              - ask: How many?
                field: {id: f, label: Sum, kind: number, answer: sum(list)}
            """ + HINTS;
        Item item = item("list: 4 different from 10..60", lines, 3);
        assertTrue(item.stem().getFirst() instanceof Block.Table(List<String> head, List<List<String>> rows)
                && head.size() == 5
                && rows.getFirst().size() == 5
                && Set.copyOf(rows.getFirst()).size() == 5
                && rows.getFirst().stream().skip(1).mapToInt(Integer::parseInt).sum()
                        == Integer.parseInt(field(item).answer().key()));
    }

    @Test
    void fieldsStandInASentence() {
        String lines = """
            stem: [Look.]
            parts:
              - ask: Fill in.
                sentence: "{n} is {{half}} and {{half2}}."
                fields:
                  - {id: half, label: First, kind: number, answer: n / 2}
                  - {id: half2, label: Second, kind: number, answer: n / 2}
            """ + HINTS;
        Item item = item("n: 3..9", lines, 1);
        assertTrue(item.parts().getFirst().layout() instanceof Layout.InSentence(String sentence)
                && sentence.matches("\\d is \\{\\{half}} and \\{\\{half2}}\\."));
    }

    @Test
    void aPointIsPlacedOnAGrid() {
        String lines = ASKED + """
                field:
                  id: p
                  label: The point
                  kind: pair
                  answer: (a, -b)
                  point-on: {kind: grid, alt: A grid., x-from: -6, x-to: 6, y-from: -6, y-to: 6}
            """;
        Field field = field(item("a: 1..5, b: 1..5", lines, 1));
        assertTrue(field.response() instanceof Response.PlotPoint);
        assertEquals(
                Verdict.CORRECT, Grader.grade(field.answer(), field.answer().key()));
    }

    private static final String LINE = "{kind: number-line, alt: A line., from: 0, to: 2, step: 1/4, marks: []}";

    @Test
    void aNumberIsMarkedOnALine() {
        String lines =
                ASKED + "    field: {id: m, label: Mark, kind: number, answer: k / 4, mark-on: %s}\n".formatted(LINE);
        Field field = field(item("k: 1..7", lines, 1));
        assertTrue(field.response() instanceof Response.MarkOnLine);
        assertEquals("", field.wanted());
        String sent = field.response().sentFor(field.answer().key());
        assertTrue(sent.matches("[1-7]"), sent);
        assertEquals(
                Verdict.CORRECT, Grader.grade(field.answer(), field.response().entryOf(sent)));
    }

    @Test
    void aRayIsDrawnOnALine() {
        String lines = ASKED
                + "    field: {id: r, label: Ray, kind: domain, entry: 't <= {k / 4}', letters: [t], ray-on: %s}\n"
                        .formatted(LINE);
        Field field = field(item("k: 1..7", lines, 1));
        String sent = field.response().sentFor(field.answer().key());
        assertTrue(sent.matches("<,filled,[1-7]"), sent);
        assertEquals(
                Verdict.CORRECT, Grader.grade(field.answer(), field.response().entryOf(sent)));
    }

    @Test
    void numbersStandInColumns() {
        String lines = ASKED + "    field: {id: s, label: Sum, kind: number, answer: a + b,"
                + " columns: {numbers: [a, b], sign: '-', whole: 3, places: 2}}\n";
        Response.WriteInColumns columns = (Response.WriteInColumns)
                field(item("a: 12..12, b: 0.25..0.25 step 0.25", lines, 1)).response();
        assertEquals(new Response.WriteInColumns(List.of("12.00", "0.25"), "−", 3, 2), columns);
    }

    private static final String ORDER = ASKED + """
            field:
              id: o
              label: From the smallest to the largest
              kind: order
              options: [{text: "{a}", by: a}, {text: "{b}", by: b}, {text: "{c}", by: c}]
              mistakes: [{by: [-a, -b, -c], slip: turned, say: The other way round.}]
        """;

    @Test
    void thingsArePutInTheOrderOfTheirNumbers() {
        Field field = field(item("a: 5..5, b: 2..2, c: 3..3", ORDER, 1));
        List<Option> options = field.response().options();
        String right = Stream.of(field.answer().expected().split(","))
                .map(id -> options.stream()
                        .filter(o -> o.id().equals(id))
                        .findFirst()
                        .orElseThrow())
                .map(Option::text)
                .collect(Collectors.joining(" "));
        assertEquals("2 3 5", right);
        assertEquals(Form.Shape.IN_ORDER, field.answer().form());
        String turned = field.mistakes().getFirst().entry();
        assertEquals(
                field.answer().expected(), new StringBuilder(turned).reverse().toString());
    }

    @Test
    void theOrderTurnsRoundWhereTheLargestComesFirst() {
        Field field = field(item(
                "a: 5..5, b: 2..2, c: 3..3", ORDER.replace("kind: order", "kind: order\n      descending: yes"), 1));
        String first = field.answer().expected().split(",")[0];
        assertTrue(field.response().options().contains(Option.of(first, "5")));
    }

    @Test
    void whereThingsStandIsNotTheirOrder() {
        Set<String> keys = IntStream.range(0, 40)
                .mapToObj(seed -> field(item("a: 5..5, b: 2..2, c: 3..3", ORDER, seed))
                        .answer()
                        .expected())
                .collect(Collectors.toSet());
        assertEquals(6, keys.size());
    }

    /** The form of the key is that of the field, whatever the number looks like. */
    @Test
    void theKeyIsInTheFormThatIsAsked() {
        record Asked(String field, String key) {}
        List.of(
                        new Asked("kind: number, form: fraction-lowest, answer: 6 / 8", "3/4"),
                        new Asked("kind: number, form: mixed, answer: 7 / 4", "1 3/4"),
                        new Asked("kind: number, form: percent, answer: 3 / 4", "75%"),
                        new Asked("kind: number, form: prime-factors, answer: 84", "2^2 * 3 * 7"),
                        new Asked("kind: number, form: scientific, answer: 0.00072", "7.2 x 10^-4"),
                        new Asked("kind: number, form: 'decimal:1', answer: 2 / 3", "0.7"),
                        new Asked(
                                "kind: expression, form: expanded, answer: expand((x + 1)(x + 2)), letters: [x]",
                                "x^2 + 3x + 2"),
                        new Asked(
                                "kind: expression, form: factored, answer: factor(x^2 - 4), letters: [x]",
                                "(x + 2)(x - 2)"),
                        new Asked("kind: remainder, entry: '{17 - 2} R {2}'", "15 R 2"),
                        new Asked("kind: pair, answer: '(3, -2)'", "(3, -2)"))
                .forEach(asked -> {
                    Field field =
                            field(item("n: 3..9", ASKED + "    field: {id: f, label: L, " + asked.field() + "}\n", 1));
                    assertEquals(asked.key(), field.answer().key());
                    assertEquals(
                            Verdict.CORRECT,
                            Grader.grade(field.answer(), field.answer().key()),
                            asked.key());
                });
    }

    /** One number of seven leads nowhere: students get another one, and the proof says it. */
    @Test
    void numbersThatLeadNowhereAreDrawnAnew() {
        String text = Sample.with("form: integer, answer: all}", "form: any, answer: all / (n - 5)}");
        for (long seed = 0; seed < 60; seed++) {
            assertTrue(!field(Sample.skill(text).make(1, seed)).answer().key().isEmpty());
        }
        assertTrue(Prover.prove(Sample.skill(text), Proof.Progress.NONE)
                .complaints()
                .toString()
                .contains("divisor is zero"));
    }

    @Test
    void framesAreVariantsInTheirOrder() {
        String text = Sample.with(
                "- \"The dairy fills {n} cans with {size} litres each.\"", "- \"First {n}.\"\n      - \"Second {n}.\"");
        assertEquals(List.of("filled-1", "filled-2"), Sample.skill(text).variants(1));
        IntStream.range(0, 20)
                .mapToObj(seed -> Sample.skill(text).make(1, seed))
                .forEach(item -> {
                    String first = ((Block.Text) item.stem().getFirst()).text();
                    assertTrue(first.startsWith(item.ref().variant().equals("filled-1") ? "First" : "Second"), first);
                });
    }

    @Test
    void aMistakeThatLeadsToTheKeyOrNowhereIsLeftOut() {
        String lines = ASKED + """
                field: {id: f, label: L, kind: number, answer: 2n}
                mistakes:
                  - {value: n + n, slip: same, say: No.}
                  - {value: n / (n - n), slip: nowhere, say: No.}
                  - {value: n + 2, slip: added, say: No., when: n > 100}
                  - {value: n + 3, slip: added-three, say: No.}
            """;
        assertEquals(
                List.of("added-three"),
                field(item("n: 4..9", lines, 1)).mistakes().stream()
                        .map(m -> m.slip())
                        .toList());
    }
}
