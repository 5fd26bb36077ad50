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
        return SkillOrder.of(ids, ids.stream().map(id -> Catalogue.require(id).prerequisites().stream().map(ids::indexOf).toList()).toList());
    }

    /** Each after its prerequisites. */
    private static void add(Skill skill, List<String> ids) {
        skill.prerequisites().forEach(id -> add(Catalogue.require(id), ids));
        if (!ids.contains(skill.id())) {
            ids.add(skill.id());
        }
    }
}
