package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import littlesummit.core.proof.Law;
import littlesummit.core.proof.LooksLaw;
import littlesummit.core.proof.WordsOfOptionsLaw;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** How an option looks, and what it says, tells little, in every skill that ships. */
class LooksOfOptionsTest {
    /** Fewer would show by chance what is not so. */
    private static final int SEEDS = Math.max(300, Integer.getInteger("seeds", 300));

    static List<Skill> skills() {
        return TestItems.chosenSkills().toList();
    }

    @ParameterizedTest
    @MethodSource("skills")
    void theLooksOfAnOptionTellLittle(Skill skill) {
        assertNothingFound(skill, new LooksLaw());
    }

    @ParameterizedTest
    @MethodSource("skills")
    void theRightOptionDoesNotAlwaysSayTheSame(Skill skill) {
        assertNothingFound(skill, new WordsOfOptionsLaw());
    }

    private static void assertNothingFound(Skill skill, Law law) {
        for (int tier = 1; tier <= 3; tier++) {
            int t = tier;
            LongStream.range(0, SEEDS).forEach(seed -> law.see(TestItems.made(skill, t, seed), Map.of()));
        }
        assertEquals(List.of(), law.findings());
    }
}
