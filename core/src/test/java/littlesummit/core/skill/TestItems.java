package littlesummit.core.skill;

import java.util.stream.Stream;
import littlesummit.core.skill.lesson.Lessons;

/** Skills and lessons by id, for tests. */
final class TestItems {
    private TestItems() {}

    static Skill skill(String id) {
        return Stream.concat(Catalogue.all().stream(), Lessons.all().stream()).filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }
}
