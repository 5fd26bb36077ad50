package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.util.List;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.CourseSkill;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CurriculaTest {
    private static final Catalogue ITEMS = new Catalogue();
    private static final String SMALL = """
        id: small
        title: A small one
        strands:
          - id: data
            title: Data
            skills:
              mean: [place-value]
              place-value: []
        """;

    /** The schema (JSON Schema, draft 2020-12), checked by a library of its own. */
    private static JsonSchema schema() throws IOException {
        JsonNode schema =
                new ObjectMapper().readTree(Curricula.class.getResourceAsStream("curriculum/curriculum.schema.json"));
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(schema);
    }

    private static boolean obeysTheSchema(String yaml) throws IOException {
        return schema().validate(new YAMLMapper().readTree(yaml)).isEmpty();
    }

    @Test
    void theShippedCourseHasEverySkillOnce() {
        Course course = Curricula.shipped(ITEMS).first();
        assertEquals(
                ITEMS.skills().stream().map(Skill::id).sorted().toList(),
                course.skills().stream().map(CourseSkill::id).sorted().toList());
        course.skills().forEach(skill -> assertEquals(ITEMS.require(skill.id()).name(), skill.name()));
    }

    @Test
    void theShippedCourseObeysTheSchema() throws IOException {
        JsonNode document = new YAMLMapper().readTree(Curricula.class.getResourceAsStream("curriculum/valley.yaml"));
        assertEquals(List.of(), List.copyOf(schema().validate(document)));
    }

    @Test
    void aSmallCourseIsRead() throws IOException {
        Course course = Curricula.course(SMALL, ITEMS);
        assertTrue(obeysTheSchema(SMALL));
        assertEquals("small A small one", course.id() + " " + course.title());
        assertEquals(
                List.of("mean", "place-value"),
                course.skills().stream().map(CourseSkill::id).toList());
        assertEquals("Data", course.require("mean").strand().title());
        assertEquals(1, course.depth("mean"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        mean: [place-value]; meaning: []; There is no skill “meaning”, which stands in the strand “Data”.
        mean: [place-value]; mean: [both-sides]; “both-sides” comes before “mean” but is not in the course.
        mean: [place-value]; mean: [mean]; These skills come before each other in a circle: mean.
        id: small; name: small; “name” means nothing here.
        title: A small one; subtitle: no; “subtitle” means nothing here.
        mean: [place-value]; mean: [place-value; Line
        title: A small one; title:; A course needs an id, a title and strands.
        title: Data; title:; Each strand needs an id, a title and skills.
        """)
    void aFaultyDocumentIsRefusedWithASentence(String old, String fault, String sentence) {
        String says = assertThrows(
                        IllegalArgumentException.class, () -> Curricula.course(SMALL.replace(old, fault), ITEMS))
                .getMessage();
        assertTrue(says.startsWith(sentence.strip()), says);
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        id: small; id: Small One
        title: A small one; subtitle: no
        mean: [place-value]; mean: place-value
        mean: [place-value]; mean: [place-value, place-value]
        """)
    void theSchemaRefusesWhatIsNoCourse(String old, String fault) throws IOException {
        assertFalse(obeysTheSchema(SMALL.replace(old, fault)));
    }

    @Test
    void thePartsThatShipObeyTheirSchemaAndHaveNamesOfTheirOwn() throws IOException {
        JsonNode schema =
                new ObjectMapper().readTree(Curricula.class.getResourceAsStream("curriculum/parts.schema.json"));
        JsonNode document = new YAMLMapper().readTree(Curricula.class.getResourceAsStream("curriculum/parts.yaml"));
        assertEquals(
                List.of(),
                List.copyOf(JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                        .getSchema(schema)
                        .validate(document)));
        List<Course> all = Curricula.shipped(ITEMS).courses();
        assertEquals(7, all.size());
        assertEquals(7, all.stream().map(Course::id).distinct().count());
        assertEquals(7, all.stream().map(Course::title).distinct().count());
    }

    /** Small enough that the check settles them, and each skill of the whole course is in one of them. */
    @Test
    void everySkillIsInAPartOfFourteenToTwenty() {
        List<Course> all = Curricula.shipped(ITEMS).courses();
        List<Course> parts = all.subList(1, all.size());
        parts.forEach(part -> assertTrue(
                part.skills().size() >= 14 && part.skills().size() <= 20,
                part.id() + " " + part.skills().size()));
        assertEquals(
                List.of(),
                all.getFirst().skills().stream()
                        .map(CourseSkill::id)
                        .filter(id ->
                                parts.stream().allMatch(part -> part.find(id).isEmpty()))
                        .toList());
    }

    @Test
    void aPartTakesItsOrderAndItsPrerequisitesFromTheWhole() {
        Course whole = Curricula.course(SMALL, ITEMS);
        Course part = Curricula.parts("parts: [{id: one, title: One, skills: [mean]}]", whole)
                .getFirst();
        assertEquals("One", part.title());
        assertEquals(List.of(), part.require("mean").prerequisites());
        String says = assertThrows(
                        IllegalArgumentException.class,
                        () -> Curricula.parts("parts: [{id: one, title: One, skills: [nothing]}]", whole))
                .getMessage();
        assertEquals("no skill nothing in the course small", says);
    }
}
