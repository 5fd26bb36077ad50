package littlesummit.app.practice;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.knowledge.KnowledgeService;
import littlesummit.app.knowledge.KnowledgeService.Known;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.core.curriculum.CourseSkill;
import littlesummit.core.practice.SkillMap;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Skill;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The map of all skills. */
@RestController
class MapController {
    private final ItemSource catalogue;
    private final Places places;
    private final KnowledgeService knowledge;
    private final PeopleService people;

    MapController(Places places, KnowledgeService knowledge, PeopleService people, ItemSource catalogue) {
        this.catalogue = catalogue;
        this.people = people;
        this.places = places;
        this.knowledge = knowledge;
    }

    /**
     * @param student whose map it is
     * @param course what the class works through; empty for all that there is
     */
    record SkillMapView(String student, String course, List<MapSkill> skills) {}

    /**
     * @param missing ids of prerequisites that are not known yet
     * @param way ids of all that is not known yet and comes before it, in the order in which it can be learned
     * @param depth column of the map, from 0
     * @param assignmentId where it is practised
     * @param lesson id of a lesson that leads to it
     * @param said what the last check over the course said of it; empty before the first, and when the skill was shown
     *     since then
     * @param shownAt when it was last shown to be known
     * @param refreshAt when it should be looked at once more; both empty for what is not known
     * @param fallenAt when a check has put it back into practice; empty when it is known, or never did
     */
    record MapSkill(
            String id,
            String name,
            String strand,
            StatusDto status,
            List<String> prerequisites,
            List<String> missing,
            List<String> way,
            int depth,
            String assignmentId,
            Optional<String> lesson,
            Optional<Said> said,
            Optional<Instant> shownAt,
            Optional<Instant> refreshAt,
            Optional<Instant> fallenAt) {}

    /**
     * @param why a sentence
     * @param at when that was
     */
    record Said(String why, Instant at) {}

    @GetMapping("/api/map")
    @Transactional(readOnly = true)
    public SkillMapView map(@AuthenticationPrincipal Person person) {
        Map<String, Known> checked = knowledge.of(person.id()).stream().collect(Collectors.toMap(Known::skill, k -> k));
        Function<String, String> open = places.open(person);
        return new SkillMapView(
                person.name(),
                places.course(person),
                places.courseMap(person).stream()
                        .map(node -> skill(
                                node,
                                open,
                                Optional.ofNullable(checked.get(node.skill().id()))))
                        .toList());
    }

    /** Of a student in the instructor's open class. */
    @GetMapping("/api/map/{studentId}")
    @Transactional(readOnly = true)
    public SkillMapView of(@AuthenticationPrincipal Person person, @PathVariable String studentId) {
        if (person.role() != Role.INSTRUCTOR) {
            throw new AccessDeniedException("a student sees the own map only");
        }
        return map(people.student(person, studentId));
    }

    private MapSkill skill(SkillMap.Node node, Function<String, String> open, Optional<Known> checked) {
        CourseSkill skill = node.skill();
        boolean known = node.isKnown();
        return new MapSkill(
                skill.id(),
                skill.name(),
                skill.strand().title(),
                StatusDto.of(node.status()),
                skill.prerequisites(),
                node.missing(),
                node.way(),
                node.depth(),
                known ? OwnChoice.SKILLS : open.apply(skill.id()),
                catalogue.lessonOn(skill.id()).map(Skill::id),
                checked.flatMap(Known::said)
                        .filter(s -> node.record()
                                .confirmed()
                                .filter(s.at()::isBefore)
                                .isEmpty())
                        .map(s -> new Said(s.why(), s.at())),
                node.record().confirmed().filter(at -> known),
                SkillMap.dueAt(node.record()).filter(at -> known),
                checked.flatMap(Known::fallen).filter(at -> !known));
    }
}
