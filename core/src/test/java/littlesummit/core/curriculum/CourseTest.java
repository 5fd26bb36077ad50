package littlesummit.core.curriculum;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CourseTest {
    private static String refusal(String lines) {
        return assertThrows(IllegalArgumentException.class, () -> SampleCourse.course(lines))
                .getMessage();
    }

    @Test
    void keepsTheOrderOfTheMap() {
        Course course = SampleCourse.course("a: late after early\nb: early");
        assertEquals(
                List.of("late", "early"),
                course.skills().stream().map(CourseSkill::id).toList());
        assertEquals(
                List.of("early", "late"),
                course.inOrder().stream().map(CourseSkill::id).toList());
    }

    @Test
    void everySkillComesAfterItsPrerequisites() {
        List<String> ids =
                SampleCourse.COURSE.inOrder().stream().map(CourseSkill::id).toList();
        assertEquals(28, ids.size());
        for (CourseSkill skill : SampleCourse.COURSE.skills()) {
            skill.prerequisites()
                    .forEach(before -> assertTrue(ids.indexOf(before) < ids.indexOf(skill.id()), skill.id()));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "place-value,0",
        "prime-factors,1",
        "fraction-lowest,2",
        "both-sides,4",
        "angle-pairs,5",
        "scientific-notation,4"
    })
    void theDepthIsThatOfTheLongestChain(String skill, int depth) {
        assertEquals(depth, SampleCourse.COURSE.depth(skill));
    }

    @Test
    void aSkillThatStandsThereTwiceIsRefused() {
        assertEquals("“mean” stands in the course twice.", refusal("a: mean\nb: mean"));
    }

    @Test
    void aPrerequisiteThatIsNotThereIsRefused() {
        assertEquals(
                "“place-value” comes before “mean” but is not in the course.", refusal("a: mean after place-value"));
    }

    @Test
    void aCircleIsRefusedWithAllThatAreInIt() {
        assertEquals(
                "These skills come before each other in a circle: one, two, three.",
                refusal("a: one after two\na: two after three\na: three after one"));
        assertEquals("These skills come before each other in a circle: self.", refusal("a: self after self"));
    }

    @Test
    void aSkillIsFoundByItsId() {
        assertEquals("Skill mean", SampleCourse.COURSE.require("mean").name());
        assertEquals(Optional.empty(), SampleCourse.COURSE.find("meaning"));
        assertTrue(assertThrows(IllegalArgumentException.class, () -> SampleCourse.COURSE.require("meaning"))
                .getMessage()
                .contains("meaning"));
    }

    @Test
    void aCurriculumHasACourse() {
        Curriculum curriculum = new Curriculum(List.of(SampleCourse.COURSE));
        assertEquals(SampleCourse.COURSE, curriculum.first());
        assertEquals(Optional.of(SampleCourse.COURSE), curriculum.find("sample"));
        assertEquals(Optional.empty(), curriculum.find("other"));
        assertThrows(IllegalArgumentException.class, () -> new Curriculum(List.of()));
    }

    @Test
    void aPartBridgesWhatIsLeftOut() {
        Course whole = SampleCourse.course(
                "a: first\na: second after first\na: third after second\na: fourth after third, second");
        Course part = whole.only("part", "A part", Set.of("first", "fourth"));
        assertEquals(List.of("first"), part.require("fourth").prerequisites());
        assertEquals(1, part.depth("fourth"));
        assertEquals(Optional.empty(), part.find("second"));
        assertEquals(
                List.of(),
                whole.only("p", "P", Set.of("third")).require("third").prerequisites());
    }

    @Test
    void aPartHasOnlySkillsOfTheWholeAndAtLeastOne() {
        Course whole = SampleCourse.course("a: first");
        assertThrows(IllegalArgumentException.class, () -> whole.only("p", "P", Set.of("other")));
        assertThrows(IllegalArgumentException.class, () -> whole.only("p", "P", Set.of()));
    }
}
