package littlesummit.app.exchange.qti;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Stream;
import littlesummit.content.Catalogue;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

class ItemXmlTest {
    private static final int SEEDS = 8;

    static List<Skill> skills() {
        return new Catalogue().skills();
    }

    @ParameterizedTest
    @MethodSource("skills")
    void everyItemHasAPlaceToAnswerForEachResponseAndAPictureForEachFile(Skill skill) {
        for (int tier = 1; tier <= 3; tier++) {
            for (long seed = 0; seed < SEEDS; seed++) {
                ItemXml xml = ItemXml.of("one", skill.name(), skill.make(tier, seed));
                Element root = Written.root(xml.text());
                for (String id : Written.all(root, "qti-response-declaration", "identifier")) {
                    assertEquals(1, places(root, id), () -> id + " in " + xml.text());
                }
                xml.pictures().keySet().forEach(path -> assertTrue(xml.text().contains("\"../" + path + "\""), path));
                assertEquals(
                        xml.pictures().keySet().size(),
                        Written.all(root, "img", "src").stream().distinct().count());
            }
        }
    }

    /** A person scores it, and whether a picture goes with the words stands there in our own name. */
    @Test
    void whatAPersonReadsIsScoredByOne() {
        Skill pictures = new Catalogue().require("fraction-picture");
        Item drawn = Stream.iterate(1L, seed -> seed + 1)
                .map(seed -> pictures.make(2, seed))
                .filter(Item::isDrawn)
                .findFirst()
                .orElseThrow();
        Item said = new Item(
                drawn.ref(),
                drawn.stem(),
                List.of(Part.of("Why?", Field.said("why", "Why", "a sentence", "It is so."))),
                drawn.worked(),
                drawn.second(),
                false,
                "");
        assertEquals(List.of("yes"), scoredByAPerson(drawn));
        assertEquals(List.of(""), scoredByAPerson(said));
    }

    private static List<String> scoredByAPerson(Item item) {
        Element root = Written.root(ItemXml.of("one", "Pictures", item).text());
        assertTrue(
                Written.all(root, "qti-outcome-declaration", "external-scored").contains("human"));
        assertEquals(List.of(), Written.all(root, "qti-response-if", "identifier"));
        return Written.all(root, "qti-extended-text-interaction", Names.OWN + "picture");
    }

    private static long places(Element root, String response) {
        NodeList all = root.getElementsByTagNameNS(Names.ITEM, "*");
        long places = 0;
        for (int i = 0; i < all.getLength(); i++) {
            places +=
                    ((Element) all.item(i)).getAttribute("response-identifier").equals(response) ? 1 : 0;
        }
        return places;
    }

    @ParameterizedTest
    @MethodSource("skills")
    void whatIsWrittenAsRightIsRight(Skill skill) {
        for (int tier = 1; tier <= 3; tier++) {
            for (long seed = 0; seed < SEEDS; seed++) {
                Item item = skill.make(tier, seed);
                item.parts().stream()
                        .flatMap(part -> part.fields().stream())
                        .forEach(ItemXmlTest::rightInEverySpelling);
            }
        }
    }

    private static void rightInEverySpelling(Field field) {
        if (Played.right(new Question("R", "R", field)) instanceof Played.Typed(List<String> spellings)) {
            assertFalse(spellings.isEmpty(), () -> "no way to write " + field.answer());
            spellings.forEach(entry -> assertEquals(Verdict.CORRECT, Grader.grade(field.answer(), entry), entry));
        }
    }

    @Test
    void aNumberMayBeWrittenInSeveralWays() {
        List<String> spellings = Spellings.of(AnswerSpec.number(Form.Shape.ANY, "0.5"));
        assertTrue(spellings.containsAll(List.of("0.5", ".5", "0.50", "50%")), spellings::toString);
        assertTrue(Spellings.of(AnswerSpec.number(Form.Shape.ANY, "1234")).contains("1,234"));
        assertFalse(Spellings.of(AnswerSpec.number(Form.Shape.PERCENT, "0.5")).contains("0.5"));
    }

    @Test
    void theSignThatTheFieldShowsNeedNotBeTyped() {
        AnswerSpec percent = AnswerSpec.number(Form.Shape.PERCENT, "66%").withSuffix("%");
        assertTrue(Spellings.of(percent).containsAll(List.of("66", "66%")));
    }

    @Test
    void mathematicsIsWrittenWithWhatItCameFrom() {
        Element root = Written.root(ItemXml.of(
                        "one",
                        "Both sides",
                        new Catalogue().require("both-sides").make(1, 3))
                .text());
        NodeList notes = root.getElementsByTagNameNS(Names.MATH, "annotation");
        assertTrue(notes.getLength() > 0);
        assertEquals(MathMl.ANNOTATION, ((Element) notes.item(0)).getAttribute("encoding"));
        assertTrue(notes.item(0).getTextContent().contains("x"));
        assertEquals(0, root.getElementsByTagNameNS(Names.MATH, "mfenced").getLength());
    }

    @Test
    void theSolutionIsForWhoMarksAndHintsComeAfterATry() {
        Item item = new Catalogue().require("mean").make(1, 3);
        Element root = Written.root(ItemXml.of("one", "Mean", item).text());
        assertEquals(List.of("scorer"), Written.all(root, "qti-rubric-block", "view"));
        assertEquals(List.of("HELP"), Written.all(root, "qti-feedback-block", "outcome-identifier"));
        assertEquals(
                item.parts().getFirst().fields().getFirst().mistakes().size(),
                Written.all(root, "qti-modal-feedback", "identifier").size());
    }
}
