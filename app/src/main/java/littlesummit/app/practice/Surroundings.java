package littlesummit.app.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.own.ClassCourses;
import littlesummit.app.practice.PracticeService.Place;
import littlesummit.app.practice.PracticeView.Around;
import littlesummit.app.practice.PracticeView.Offer;
import littlesummit.app.practice.PracticeView.SkillLink;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.CourseSkill;
import littlesummit.core.curriculum.Strand;
import littlesummit.core.practice.SkillMap;
import littlesummit.core.practice.SkillState;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Lesson;
import org.springframework.stereotype.Component;

/**
 * What lies around a skill: what comes before it, a lesson, and other ways on for one who is stuck. Only what there is
 * a reason to say now is looked up, for this goes with every answer.
 */
@Component
class Surroundings {
    private final ItemSource catalogue;
    private final ClassCourses courses;
    private final Places places;

    private final PracticeLog log;

    Surroundings(Places places, PracticeLog log, ItemSource catalogue, ClassCourses courses) {
        this.courses = courses;
        this.catalogue = catalogue;
        this.places = places;
        this.log = log;
    }

    Around of(Place place, Assignment assignment, SkillState state) {
        Optional<Lesson> lesson = catalogue.lesson(place.skillId());
        if (lesson.isPresent()) {
            String taught = lesson.get().teaches();
            Course course = courses.of(place.person().classId());
            return new Around(
                    List.of(),
                    Optional.empty(),
                    Optional.of(link(places.of(place.person(), taught), course.require(taught))),
                    Optional.empty(),
                    Optional.empty());
        }
        return new Around(
                state.history().isEmpty() ? missing(place) : List.of(),
                catalogue.lessonOn(place.skillId()).map(l -> new SkillLink(OwnChoice.LESSONS, l.id(), l.name())),
                Optional.empty(),
                state.reached() || state.reachedWaiting() ? next(place, assignment) : Optional.empty(),
                state.offersPause() ? Optional.of(offer(place, state)) : Optional.empty());
    }

    /** As it stands in the course of the class, else in the whole one, else alone: then it was taken out of use. */
    private CourseSkill skill(Place place) {
        String classId = place.person().classId();
        return courses.mapOf(classId)
                .find(place.skillId())
                .or(() -> courses.of(classId).find(place.skillId()))
                .orElseGet(() -> new CourseSkill(
                        place.skillId(), catalogue.require(place.skillId()).name(), new Strand("", ""), List.of()));
    }

    private List<SkillLink> missing(Place place) {
        CourseSkill skill = skill(place);
        return links(place, SkillMap.missing(skill, places.records(place.person(), skill.prerequisites())));
    }

    private List<SkillLink> links(Place place, List<String> ids) {
        Course course = courses.of(place.person().classId());
        return ids.stream()
                .map(id -> link(OwnChoice.SKILLS, course.require(id)))
                .toList();
    }

    /** The next of the assignment that is not reached, in its order and round to the first ones. */
    private Optional<SkillLink> next(Place place, Assignment assignment) {
        if (OwnChoice.isOne(assignment.id())) {
            return Optional.empty();
        }
        Set<String> done = log.standings(place.person().id(), assignment.skills()).stream()
                .filter(s -> s.assignmentId().equals(assignment.id()))
                .filter(s -> s.reached() || s.unread().reached())
                .map(PracticeRecord.Standing::skillId)
                .collect(Collectors.toSet());
        int at = assignment.skills().indexOf(place.skillId());
        List<String> inOrder = new ArrayList<>(
                assignment.skills().subList(at + 1, assignment.skills().size()));
        inOrder.addAll(assignment.skills().subList(0, at));
        return inOrder.stream()
                .filter(id -> !done.contains(id))
                .findFirst()
                .map(id ->
                        new SkillLink(assignment.id(), id, catalogue.require(id).name()));
    }

    private Offer offer(Place place, SkillState state) {
        Optional<SkillLink> other = places.courseMap(place.person()).stream()
                .filter(n -> n.status() == SkillMap.Status.READY || n.status() == SkillMap.Status.IN_PROGRESS)
                .map(SkillMap.Node::skill)
                .filter(s ->
                        !s.id().equals(place.skillId()) && !s.prerequisites().contains(place.skillId()))
                .findFirst()
                .map(s -> link(places.of(place.person(), s.id()), s));
        return new Offer(
                links(place, skill(place).prerequisites()),
                other,
                state.current().filter(i -> i.ref().tier() > 1).isPresent());
    }

    private static SkillLink link(String assignmentId, CourseSkill skill) {
        return new SkillLink(assignmentId, skill.id(), skill.name());
    }
}
