package littlesummit.app.practice;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeService.Place;
import littlesummit.app.practice.PracticeView.Around;
import littlesummit.app.practice.PracticeView.Offer;
import littlesummit.app.practice.PracticeView.SkillLink;
import littlesummit.core.practice.SkillMap;
import littlesummit.core.practice.SkillState;
import littlesummit.core.skill.Catalogue;
import littlesummit.core.skill.Skill;
import littlesummit.core.skill.lesson.Lesson;
import littlesummit.core.skill.lesson.Lessons;
import org.springframework.stereotype.Component;

/** What lies around a skill: what comes before it, a lesson, and other ways on for one who is stuck. */
@Component
class Surroundings {
    private final Places places;

    Surroundings(Places places) {
        this.places = places;
    }

    Around of(Place place, SkillState state) {
        Optional<Lesson> lesson = Lessons.find(place.skillId());
        if (lesson.isPresent()) {
            String taught = lesson.get().teaches();
            return new Around(List.of(), Optional.empty(), Optional.of(link(places.of(place.person(), taught), Catalogue.require(taught))), Optional.empty());
        }
        Skill skill = Catalogue.require(place.skillId());
        Map<String, SkillMap.Record> records = places.records(place.person());
        List<SkillLink> missing = SkillMap.missing(skill, records).stream().map(id -> link(OwnChoice.SKILLS, Catalogue.require(id))).toList();
        return new Around(missing, Lessons.teaching(skill.id()).map(l -> link(OwnChoice.LESSONS, l)), Optional.empty(),
                state.offersPause() ? Optional.of(offer(place.person(), skill, state)) : Optional.empty());
    }

    private Offer offer(Person person, Skill skill, SkillState state) {
        List<SkillLink> before = skill.prerequisites().stream().map(id -> link(OwnChoice.SKILLS, Catalogue.require(id))).toList();
        Optional<SkillLink> other = places.map(person).stream()
                .filter(n -> n.status() == SkillMap.Status.READY || n.status() == SkillMap.Status.IN_PROGRESS)
                .map(SkillMap.Node::skill).filter(s -> s != skill).findFirst().map(s -> link(places.of(person, s.id()), s));
        return new Offer(before, other, state.current().filter(i -> i.ref().tier() > 1).isPresent());
    }

    private static SkillLink link(String assignmentId, Skill skill) {
        return new SkillLink(assignmentId, skill.id(), skill.name());
    }
}
