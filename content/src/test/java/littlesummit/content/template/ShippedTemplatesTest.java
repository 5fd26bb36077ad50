package littlesummit.content.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.Stream;
import littlesummit.content.Catalogue;
import littlesummit.content.Curricula;
import littlesummit.core.curriculum.CourseSkill;
import littlesummit.core.template.Template;
import littlesummit.core.template.TemplateSkill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The templates that ship say the same as the course that they stand in. */
class ShippedTemplatesTest {
    static Stream<String> shipped() {
        String chosen = System.getProperty("skill", "");
        return Templates.shipped().stream().map(TemplateSkill::id).filter(id -> chosen.isBlank() || id.equals(chosen));
    }

    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("shipped")
    void aTemplateStandsWhereTheCourseHasIt(String id) {
        Template template = ((TemplateSkill) new Catalogue().require(id)).template();
        CourseSkill placed = Curricula.shipped(new Catalogue()).courses().stream()
                .flatMap(course -> course.skills().stream())
                .filter(skill -> skill.id().equals(id))
                .findFirst()
                .orElseThrow();
        assertEquals(placed.strand().id(), template.strand());
        assertEquals(placed.prerequisites(), template.prerequisites());
        assertTrue(template.asks().values().stream().distinct().count() == 3);
    }
}
