package littlesummit.core.placement;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.skill.Catalogue;
import littlesummit.core.skill.Skill;

/** The skills of the catalogue as an order for the check. */
public final class Course {
    public static final SkillOrder ORDER = order();

    private Course() {}

    private static SkillOrder order() {
        List<String> ids = new ArrayList<>();
        Catalogue.all().forEach(skill -> add(skill, ids));
        return new SkillOrder(ids, ids.stream().map(id -> mask(Catalogue.require(id), ids)).toList());
    }

    /** Each after its prerequisites. */
    private static void add(Skill skill, List<String> ids) {
        skill.prerequisites().forEach(id -> add(Catalogue.require(id), ids));
        if (!ids.contains(skill.id())) {
            ids.add(skill.id());
        }
    }

    private static long mask(Skill skill, List<String> ids) {
        return skill.prerequisites().stream().mapToLong(id -> 1L << ids.indexOf(id)).reduce(0, (a, b) -> a | b);
    }
}
