package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Map;
import littlesummit.core.item.Item;
import littlesummit.core.proof.Finding;
import littlesummit.core.proof.Law;
import littlesummit.core.proof.LooksLaw;
import littlesummit.core.proof.WordsOfOptionsLaw;
import littlesummit.core.skill.Skill;
import littlesummit.core.template.TemplateSkill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** How an option looks, and what it says, tells little in the skills of classes; documents are proved as a whole. */
class LooksOfOptionsTest {
    /** Fewer would show by chance what is not so. */
    private static final int SEEDS = Math.max(300, Integer.getInteger("seeds", 300));

    static List<Skill> skills() {
        return TestItems.chosenSkills()
                .filter(skill -> !(skill instanceof TemplateSkill))
                .toList();
    }

    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("skills")
    void theLooksAndWordsOfAnOptionTellLittle(Skill skill) {
        List<Law> laws = List.of(new LooksLaw(), new WordsOfOptionsLaw());
        for (int tier = 1; tier <= 3; tier++) {
            for (long seed = 0; seed < SEEDS; seed++) {
                Item item = TestItems.made(skill, tier, seed);
                laws.forEach(law -> law.see(item, Map.of()));
            }
        }
        List<Finding> found =
                laws.stream().flatMap(law -> law.findings().stream()).toList();
        assertEquals(List.of(), found);
    }
}
