package littlesummit.core.skill;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Syntax;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every item of every skill. Comes for free with a new skill; -Dseeds=10000 takes the full run. */
class SkillLawsTest {
    private static final int SEEDS = Integer.getInteger("seeds", 300);
    private static final Set<String> LETTERS = Set.of("a", "b", "c", "h", "k", "m", "n", "p", "t", "u", "x", "y", "z");

    static Stream<Skill> skills() {
        return Catalogue.all().stream();
    }

    private static void forAll(Skill skill, BiConsumer<Item, String> law) {
        for (int tier = 1; tier <= 3; tier++) {
            for (long seed = 0; seed < SEEDS; seed++) {
                Item item = skill.make(tier, seed * 0x9E3779B97F4A7C15L + tier);
                law.accept(item, skill.id() + " tier " + tier + " variant " + item.ref().variant() + " seed " + item.ref().seed());
            }
        }
    }

    private static void forFields(Skill skill, BiConsumer<Field, String> law) {
        forAll(skill, (item, at) -> item.parts().forEach(p -> p.fields().forEach(f -> law.accept(f, at + " field " + f.id()))));
    }

    @ParameterizedTest
    @MethodSource("skills")
    void theKeyGradesAsCorrect(Skill skill) {
        forFields(skill, (field, at) -> assertEquals(Verdict.CORRECT, Grader.grade(field.answer(), field.answer().key()), at));
    }

    @ParameterizedTest
    @MethodSource("skills")
    void everyListedMistakeIsReadAndNotCorrect(Skill skill) {
        forFields(skill, (field, at) -> {
            for (Mistake mistake : field.mistakes()) {
                Verdict verdict = Grader.grade(field.answer(), mistake.entry());
                assertFalse(verdict instanceof Verdict.Correct || verdict instanceof Verdict.Unreadable,
                        () -> at + ": " + mistake + " is " + verdict);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("skills")
    void noTextGivesTheAnswerOfATypedFieldAway(Skill skill) {
        forFields(skill, (field, at) -> {
            for (Mistake mistake : field.mistakes()) {
                boolean longKey = field.answer().kind() != Kind.CHOICE && field.answer().expected().length() > 4;
                assertFalse(longKey && mistake.message().contains(field.answer().expected()), at);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("skills")
    void everyPartHasThreeHintsAndEveryTypedFieldSaysItsForm(Skill skill) {
        forAll(skill, (item, at) -> {
            for (Part part : item.parts()) {
                assertEquals(3, part.hints().size(), at);
                part.fields().forEach(f -> assertTrue(!(f.response() instanceof Response.Typed) || !f.wanted().isBlank(), at));
            }
        });
    }

    @ParameterizedTest
    @MethodSource("skills")
    void optionsDifferAndOneOfThemIsRight(Skill skill) {
        forFields(skill, (field, at) -> {
            if (field.response() instanceof Response.ChooseOne(var options)) {
                Set<String> texts = new HashSet<>();
                options.forEach(o -> assertTrue(texts.add(o.text() + o.figure()), () -> at + " twice: " + o));
                assertTrue(options.stream().anyMatch(o -> o.id().equals(field.answer().expected())), at);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("skills")
    void workedStepsAreReadAndComeToTheKey(Skill skill) {
        forAll(skill, (item, at) -> {
            assertTrue(item.worked().size() >= 2, at);
            item.worked().stream().filter(s -> !s.math().isEmpty()).forEach(step ->
                    assertTrue(Parser.read(step.math(), Syntax.line(LETTERS)) instanceof Reading.Understood, () -> at + ": " + step.math()));
        });
    }

    @ParameterizedTest
    @MethodSource("skills")
    void theSameSeedGivesTheSameItem(Skill skill) {
        forAll(skill, (item, at) -> assertEquals(item, skill.make(item.ref()), at));
    }

    @ParameterizedTest
    @MethodSource("skills")
    void seedsGiveManyDifferentItems(Skill skill) {
        Set<String> prints = new HashSet<>();
        forAll(skill, (item, at) -> prints.add(item.fingerprint()));

        assertTrue(prints.size() >= Math.min(60, SEEDS / 2), skill.id() + " has only " + prints.size() + " items");
    }

    @ParameterizedTest
    @MethodSource("skills")
    void thereAreTwoVariantsAndBothAreServed(Skill skill) {
        Set<String> served = new HashSet<>();
        forAll(skill, (item, at) -> served.add(item.ref().variant()));

        assertTrue(served.size() >= 2, skill.id());
        for (int tier = 1; tier <= 3; tier++) {
            assertTrue(served.containsAll(skill.variants(tier)), skill.id() + " tier " + tier);
        }
    }

    @ParameterizedTest
    @MethodSource("skills")
    void textsAreWellFormed(Skill skill) {
        forAll(skill, (item, at) -> {
            String all = item.stem() + " " + item.parts().stream().map(Part::prompt).toList() + item.worked();
            long signs = all.replace("\\$", "").chars().filter(c -> c == '$').count();
            assertEquals(0, signs % 2, () -> at + ": unpaired $ in " + all);
            for (String bad : List.of("  ", " a 8", " a 11", "null", "-- ", "{{}}", " .", "1 metres", " 1 parts")) {
                boolean found = bad.equals("1 metres") ? all.matches("(?s).*\\b1 metres.*") : bad.startsWith(" a ") ? false : all.contains(bad);
                assertFalse(found && !bad.equals(" ."), () -> at + ": \"" + bad + "\" in " + all);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("skills")
    void prerequisitesAreOtherSkills(Skill skill) {
        assertNotEquals(List.of(skill.id()), skill.prerequisites());
        assertDoesNotThrow(() -> skill.prerequisites().forEach(id -> assertFalse(id.isBlank())));
    }
}
