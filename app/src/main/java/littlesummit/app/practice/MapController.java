package littlesummit.app.practice;

import java.util.List;
import java.util.Optional;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.people.Person;
import littlesummit.core.practice.SkillMap;
import littlesummit.core.skill.Skill;
import littlesummit.core.skill.lesson.Lessons;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The map of all skills. */
@RestController
class MapController {
    private final Places places;

    MapController(Places places) {
        this.places = places;
    }

    record SkillMapView(List<MapSkill> skills) {}

    /**
     * @param missing ids of prerequisites that are not known yet
     * @param depth column of the map, from 0
     * @param assignmentId where it is practised
     * @param lesson id of a lesson that leads to it
     */
    record MapSkill(String id, String name, String strand, SkillMap.Status status, List<String> prerequisites, List<String> missing, int depth, String assignmentId,
            Optional<String> lesson) {}

    @GetMapping("/api/map")
    @Transactional(readOnly = true)
    public SkillMapView map(@AuthenticationPrincipal Person person) {
        return new SkillMapView(places.map(person).stream().map(node -> skill(node, person)).toList());
    }

    private MapSkill skill(SkillMap.Node node, Person person) {
        Skill skill = node.skill();
        String place = node.status() == SkillMap.Status.KNOWN || node.status() == SkillMap.Status.REFRESH ? OwnChoice.SKILLS : places.of(person, skill.id());
        return new MapSkill(skill.id(), skill.name(), skill.strand().title(), node.status(), skill.prerequisites(), node.missing(), node.depth(),
                place, Lessons.teaching(skill.id()).map(Skill::id));
    }
}
