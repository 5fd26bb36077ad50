package littlesummit.content.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import littlesummit.content.Catalogue;
import littlesummit.core.proof.Finding;
import littlesummit.core.proof.Proof;
import littlesummit.core.proof.Prover;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The proof holds for what is sound, and finds each fault that is planted. */
class ProverTest {
    /** Of each skill; shares of fewer say little, and ./summit prove looks at ten thousand. */
    private static final int ITEMS = Math.max(700, Integer.getInteger("seeds", 300));

    private static Proof prove(String text) {
        return Prover.prove(Sample.skill(text), Proof.Progress.NONE);
    }

    @Test
    void theSampleHoldsOverAllItsItems() {
        Proof proof = prove(Sample.TEXT);
        assertEquals(List.of(), proof.findings());
        assertEquals(List.of(), proof.complaints());
        // Seven numbers of cans and nine sizes, but for the six in which both are the same; three kinds of items.
        long pairs = 7 * 9 - 6;
        long left = 0;
        for (int n = 3; n <= 9; n++) {
            for (int size = 4; size <= 12; size++) {
                left += n == size ? 0 : Math.min(9, size - 1);
            }
        }
        assertEquals(2 * pairs + left, proof.seen());
        assertEquals("all " + (2 * pairs + left) + " items", proof.extent());
    }

    @Test
    void aSkillThatIsLaidChosenAndSaidHolds() {
        Proof proof = prove(Resources.text("laid-chosen-said.yaml"));
        assertEquals(List.of(), proof.findings());
        assertEquals(List.of(), proof.complaints());
    }

    /** Where only what is laid differs, there are five items, one for each thing. */
    @Test
    void whatIsLaidMakesAnItemAnother() {
        String one =
                Resources.text("laid-chosen-said.yaml").replace("n: 3..9\n      s: 0..6", "n: 3..3\n      s: 0..0");
        assertTrue(prove(one).findings().stream()
                .map(Finding::sentence)
                .anyMatch(said -> said.startsWith("There are 5 different")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "form: integer, answer: all} #form: integer, answer: all / 2} #The answer is not graded as right",
                "Take {size} litres {n} times. #It is {all}. #This hint holds the answer",
                "The litres of every can count, not the cans. #It is {all}. #said of this mistake holds the answer",
                "math: all - value(n * size) #math: all - value(n + size) #does not follow from the one before",
                "math: left} #math: left - 1} #does not follow from the one before",
                "n: 3..9 #n: 3..4 #different items; a student needs 30",
                "naive: {adds: n + size} #naive: {multiplies: n * size} #This wrong way leads to the right answer too"
                        + " often",
                "tiers: [3] #tiers: [2, 3] #Apart from their numbers these items are the same as in the tier below",
                "left: 1..9 #left: one of 3, 4 #too often",
                "All of them are full. #There are 1 cans more. #one of many",
                "All of them are full. #All  are full. #Two spaces stand side by side",
                "answer: all - n * size #answer: all / 0 #has no value",
                "label: Litres left #label: ' ' #The field has no label",
                "label: Litres left #label: $n$ litres #leave the dollar signs out",
            })
    void aPlantedFaultIsFound(String old, String changed, String sentence) {
        Proof proof = prove(Sample.with(old.strip(), changed.strip()));
        String all = proof.findings() + " " + proof.complaints();
        assertTrue(!proof.holds() && all.contains(sentence.strip()) || all.contains("quotient"), all);
    }

    /** Nothing in a quiz waits to be read. */
    @Test
    void eachTierHasSomethingThatIsJudgedAtOnce() {
        String read = Templates.starter()
                .replace("How many apples are in no crate?", "Where are the other apples?")
                .replaceFirst(
                        "field: \\{id: more, .*\\}",
                        "field: {id: more, label: Why, kind: text, entry: No crate holds them.}")
                .replaceAll("(?s)(id: more, label: Why[^\n]*\n) *mistakes:.*?( *hints:)", "$1$2");
        String said = prove(read).findings().toString();
        assertTrue(said.contains("tier 2: A person has to read every item of this level."), said);
        assertFalse(said.contains("tier 1: A person"), said);
    }

    @Test
    void fewerItemsAreLookedAtWhereFewerAreAskedFor() {
        Proof proof = Prover.prove(Sample.skill(Sample.TEXT), 60, Proof.Progress.NONE);
        assertTrue(proof.seen() <= 60 && proof.seen() > 40, proof.extent());
        assertEquals(
                prove(Sample.TEXT).seen(),
                Prover.prove(Sample.skill(Sample.TEXT), 150, Proof.Progress.NONE)
                        .seen());
    }

    @Test
    void theExampleIsTheSmallest() {
        String text = Sample.with("Take {size} litres {n} times.", "It is {all}.");
        Finding finding = prove(text).findings().getFirst();
        assertEquals("filled, parts[1].hints[3]", finding.place());
        assertTrue(finding.times() > finding.of() / 2, finding.toString());
        assertEquals(1, finding.example().ref().tier());
        assertTrue(
                finding.example().stem().toString().contains("fills 3 cans with"),
                finding.example().toString());
    }

    @Test
    void whoWaitsIsToldAndMayEndIt() {
        AtomicLong told = new AtomicLong();
        Prover.prove(Sample.skill(Sample.TEXT), (seen, of) -> told.incrementAndGet() > 0);
        assertTrue(told.get() >= 2, "told " + told);
        Proof ended = Prover.prove(Sample.skill(Sample.TEXT), (seen, of) -> false);
        assertTrue(ended.seen() < prove(Sample.TEXT).seen());
    }

    @Test
    void theLongestOptionIsNotAlwaysRight() {
        String text = withChoice("[{text: \"{n * size} litres in all the cans\", right: yes},"
                + " {text: \"{n + size}\", slip: a, say: No.}, {text: \"{n + 1}\", slip: b, say: No.}]");
        Proof proof = prove(text);
        assertTrue(proof.findings().toString().contains("always takes the longest option"), proof.toString());
    }

    private static String withExpressions(String wrong) {
        return withChoice("[{text: \"$n * size$\", right: yes}, {text: \"" + wrong
                + "\", slip: a, say: No.}, {text: \"$n + 1$\", slip: b, say: No.}]");
    }

    /** The first part asks for one of these options. */
    private static String withChoice(String options) {
        return Sample.with(
                        "field: {id: all, label: Litres, kind: number, form: integer, answer: all}",
                        "field: {id: c, label: Litres, kind: choice, options: " + options + "}")
                .lines()
                .filter(line -> !line.contains("slip: added") && !line.contains("naive: {adds"))
                .reduce("", (all, line) -> all + line + "\n")
                .replaceFirst("(?m)^ *mistakes:\n(?= *hints)", "");
    }

    /** Three times four is 3 + 4 + 5; factors in another order always agree, and there the form is asked for. */
    @ParameterizedTest
    @CsvSource({"$n + size + 5$, true", "$n + size$, false", "$size * n$, false"})
    void aWrongOptionThatIsRightForSomeNumbersIsFound(String wrong, boolean found) {
        Proof proof = prove(withExpressions(wrong));
        assertEquals(found, proof.findings().toString().contains("as right as the right one"), proof.toString());
    }

    /** With the numbers blotted out the right option is the one that speaks of all; in the second it may be either. */
    @ParameterizedTest
    @CsvSource({"yes, , true", "n > 5, n <= 5, false"})
    void optionsThatAreToldByTheirWordsAreFound(String first, String second, boolean found) {
        Proof proof =
                prove(withChoice("[{text: \"all {n * size}\", right: " + first + ", slip: a, say: No.}, {text: \"one"
                        + " {size}\", " + (second == null ? "" : "right: " + second + ", ")
                        + "slip: b, say: No.}, {text: \"two {2 * size}\", slip: c, say: No.}]"));
        assertEquals(found, proof.toString().contains("always says the same: all #"), proof.toString());
    }

    /** Over every skill that ships as a template, as many at a time as there are cores. */
    @Test
    void whatShipsHolds() {
        List<String> wrong = ShippedTemplatesTest.shipped()
                .parallel()
                .map(id -> Prover.prove(new Catalogue().require(id), ITEMS, Proof.Progress.NONE))
                .filter(proof -> !proof.holds())
                .map(Proof::toString)
                .toList();
        assertEquals(List.of(), wrong);
    }
}
