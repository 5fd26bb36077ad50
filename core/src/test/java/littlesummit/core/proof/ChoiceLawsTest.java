package littlesummit.core.proof;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import org.junit.jupiter.api.Test;

/** What the two laws of choices say of items that are made by hand: a right option, and two that are wrong. */
class ChoiceLawsTest {
    private static final int ITEMS = 100;

    private static Item item(int seed, int parts, String right, String... wrong) {
        Items items = Items.of(new ItemRef("made", 1, 1, "kind-1", seed)).text("Choose.");
        for (int i = 0; i < parts; i++) {
            Choices choices = Choices.right(right);
            List.of(wrong).forEach(text -> choices.wrong(text, "slip", "Look again."));
            items.part(Part.of("Which?", choices.shuffled("which", "Which", new Draw(seed)), "One.", "Two.", "Three."));
        }
        return items.step("Look.", "").step("Choose.", "").build();
    }

    private static List<Finding> found(Law law, IntFunction<Item> items) {
        IntStream.range(0, ITEMS).mapToObj(items).forEach(item -> law.see(item, Map.of()));
        return law.findings();
    }

    @Test
    void anOptionThatIsRightByChanceIsFound() {
        List<Finding> findings = found(new OptionLaw(), n -> item(n, 1, "$x = " + n + "$", "$x + 1 = 8$", "$x = -1$"));
        assertEquals(1, findings.size());
        assertEquals("kind, parts[1], field which", findings.getFirst().place());
        assertEquals(1, findings.getFirst().times());
        assertEquals(ITEMS, findings.getFirst().of());
        assertTrue(findings.getFirst().example().parts().toString().contains("x = 7"));
    }

    @Test
    void optionsThatAlwaysAgreeAskForTheForm() {
        assertEquals(List.of(), found(new OptionLaw(), n -> item(n, 1, "$" + n + "$", "$" + n + " + 0$", "$-1$")));
    }

    @Test
    void itNamesThePair() {
        assertEquals(
                "$4 - 1$ is as right as $3$",
                OptionLaw.asRight(item(1, 1, "$3$", "$4 - 1$", "$5$")
                                .parts()
                                .getFirst()
                                .fields()
                                .getFirst())
                        .orElseThrow()
                        .toString());
    }

    @Test
    void aRightOptionThatIsToldByItsWordsIsFound() {
        List<Finding> findings = found(
                new WordsOfOptionsLaw(),
                n -> item(n, 1, "It is " + n + ", always.", "It is never so.", "Nobody knows."));
        assertEquals(1, findings.size());
        assertTrue(findings.getFirst().sentence().endsWith("It is #, always."), findings.toString());
        assertEquals(ITEMS, findings.getFirst().times());
    }

    @Test
    void wordsThatAreRightInTurnTellNothing() {
        String[] words = {"It is always so.", "It is never so.", "Nobody knows."};
        assertEquals(
                List.of(),
                found(new WordsOfOptionsLaw(), n -> item(n, 1, words[n % 3], words[(n + 1) % 3], words[(n + 2) % 3])));
    }

    @Test
    void theStepsOfAWayMayBeAlike() {
        assertEquals(
                List.of(), found(new WordsOfOptionsLaw(), n -> item(n, 2, "It is " + n, "It is never so.", "No.")));
    }

    @Test
    void optionsOfOneShapeAreNotToldByIt() {
        assertEquals(
                List.of(), found(new WordsOfOptionsLaw(), n -> item(n, 1, "It is " + n, "It is " + 2 * n, "It is 0.")));
    }
}
