package littlesummit.content;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.CourseSkill;
import littlesummit.core.curriculum.Curriculum;
import littlesummit.core.curriculum.Strand;
import littlesummit.core.skill.ItemSource;

/** Reads courses, which are written as YAML and described by {@code curriculum/curriculum.schema.json}. */
public final class Curricula {
    private static final YAMLMapper YAML = new YAMLMapper();
    private static final String WHOLE = "valley";

    private Curricula() {}

    private record CourseDocument(String id, String title, List<StrandDocument> strands) {}

    /** @param skills prerequisites by id of the skill, in the order of the map */
    private record StrandDocument(String id, String title, LinkedHashMap<String, List<String>> skills) {}

    private record PartsDocument(List<PartDocument> parts) {}

    private record PartDocument(String id, String title, List<String> skills) {}

    /**
     * The courses that ship: the whole one first, then its parts.
     *
     * @param items where the skills come from
     */
    public static Curriculum shipped(ItemSource items) {
        Course whole = course(text(WHOLE), items);
        return new Curriculum(Stream.concat(Stream.of(whole), parts(text("parts"), whole).stream())
                .toList());
    }

    /**
     * Reads courses that are parts of another one.
     *
     * @param yaml the document
     * @param whole what they are parts of
     * @throws IllegalArgumentException with a sentence that says what is wrong
     */
    static List<Course> parts(String yaml, Course whole) {
        return read(yaml, PartsDocument.class).parts().stream()
                .map(part -> whole.only(part.id(), part.title(), Set.copyOf(part.skills())))
                .toList();
    }

    /**
     * Reads one course.
     *
     * @param yaml the document
     * @param items where its skills come from
     * @throws IllegalArgumentException with a sentence that says what is wrong, and where
     */
    public static Course course(String yaml, ItemSource items) {
        CourseDocument document = whole(yaml);
        List<CourseSkill> skills = document.strands().stream()
                .flatMap(strand -> strand.skills().entrySet().stream()
                        .map(entry -> skill(
                                entry.getKey(), new Strand(strand.id(), strand.title()), entry.getValue(), items)))
                .toList();
        return new Course(document.id(), document.title(), skills);
    }

    private static CourseDocument whole(String yaml) {
        CourseDocument document = read(yaml, CourseDocument.class);
        if (document.id() == null || document.title() == null || document.strands() == null) {
            throw new IllegalArgumentException("A course needs an id, a title and strands.");
        }
        for (StrandDocument strand : document.strands()) {
            if (strand.id() == null || strand.title() == null || strand.skills() == null) {
                throw new IllegalArgumentException("Each strand needs an id, a title and skills.");
            }
        }
        return document;
    }

    private static <T> T read(String yaml, Class<T> type) {
        try {
            return YAML.readValue(yaml, type);
        } catch (UnrecognizedPropertyException fault) {
            throw new IllegalArgumentException("“" + fault.getPropertyName() + "” means nothing here.", fault);
        } catch (JsonProcessingException fault) {
            throw new IllegalArgumentException(
                    "Line " + fault.getLocation().getLineNr() + ": " + fault.getOriginalMessage(), fault);
        }
    }

    private static CourseSkill skill(String id, Strand strand, List<String> prerequisites, ItemSource items) {
        String name = items.find(id)
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no skill “" + id + "”, which stands in the strand “" + strand.title() + "”."))
                .name();
        return new CourseSkill(id, name, strand, prerequisites == null ? List.of() : prerequisites);
    }

    private static String text(String id) {
        try (InputStream in = Curricula.class.getResourceAsStream("curriculum/" + id + ".yaml")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
