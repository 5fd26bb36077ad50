package littlesummit.app.review;

import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.knowledge.KnowledgeService;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.practice.PracticeService;
import littlesummit.app.practice.PracticeService.Place;
import littlesummit.app.review.ReviewView.KnownSkill;
import littlesummit.app.review.ReviewView.SetPlace;
import littlesummit.app.review.ReviewView.SetView;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Json;
import littlesummit.app.web.Problem;
import littlesummit.core.practice.Outcome;
import littlesummit.core.practice.RefreshSet;
import littlesummit.core.practice.SkillMap;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Practice of what is known already, in mixed sets: what is right there is confirmed, and what is missed takes nothing
 * away.
 */
@Service
public class ReviewService {
    private final ItemSource catalogue;
    private final RefreshSetRepository sets;
    private final PracticeService practice;
    private final PracticeRecord record;
    private final KnowledgeService knowledge;
    private final ServedItems items;
    private final Json json;
    private final Clock clock;

    ReviewService(
            RefreshSetRepository sets,
            PracticeService practice,
            PracticeRecord record,
            KnowledgeService knowledge,
            ServedItems items,
            Json json,
            Clock clock,
            ItemSource catalogue) {
        this.catalogue = catalogue;
        this.sets = sets;
        this.practice = practice;
        this.record = record;
        this.knowledge = knowledge;
        this.items = items;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public ReviewView view(Person person) {
        Instant now = clock.instant();
        List<KnownSkill> skills = record.map(person).stream()
                .filter(SkillMap.Node::isKnown)
                .map(n -> known(n, now))
                .sorted(Comparator.comparing(KnownSkill::dueAt))
                .toList();
        return new ReviewView(
                now,
                skills,
                RefreshSet.MOST,
                sets.findById(person.id()).map(this::state).map(this::shown));
    }

    private static KnownSkill known(SkillMap.Node n, Instant now) {
        Instant since = n.record().knownSince().orElseThrow();
        return new KnownSkill(
                n.skill().id(),
                n.skill().name(),
                n.skill().strand().title(),
                since,
                n.record().confirmed().orElse(since),
                SkillMap.dueAt(n.record()).orElse(now),
                SkillMap.isDue(n.record(), now));
    }

    private SetView shown(RefreshSet set) {
        List<SetPlace> places = set.places().stream()
                .map(p -> new SetPlace(
                        p.skill(),
                        catalogue.require(p.skill()).name(),
                        p.outcome().map(OutcomeDto::of)))
                .toList();
        return new SetView(
                places,
                set.current()
                        .map(skill -> (int) set.places().stream()
                                .takeWhile(p -> p.outcome().isPresent())
                                .count())
                        .orElse(-1));
    }

    private RefreshSet state(RefreshSetEntity entity) {
        return json.read(entity.state(), RefreshSetDto.class).toCore();
    }

    /**
     * Begins a set; one that is under way ends.
     *
     * @param skills ids; empty for those that are due
     * @throws Problem when nothing is due, or one of them is not known, or they are too many
     */
    @Transactional
    public ReviewView begin(Person person, List<String> skills) {
        List<SkillMap.Node> map = record.map(person);
        List<SkillMap.Node> chosen = skills.isEmpty()
                ? RefreshSet.due(map, clock.instant())
                : map.stream()
                        .filter(n -> n.isKnown() && skills.contains(n.skill().id()))
                        .toList();
        if (chosen.isEmpty()) {
            throw Problem.conflict("Nothing is due for a refresh at the moment. Choose some of your skills instead.");
        }
        if (!skills.isEmpty() && chosen.size() < skills.size()) {
            throw Problem.badRequest("Choose among the skills that you know, each once.");
        }
        if (chosen.size() > RefreshSet.MOST) {
            throw Problem.badRequest("A set has at most " + RefreshSet.MOST + " skills.");
        }
        keep(person, RefreshSet.of(chosen));
        return view(person);
    }

    private void keep(Person person, RefreshSet set) {
        RefreshSetEntity entity = sets.findById(person.id()).orElseGet(() -> new RefreshSetEntity(person.id(), ""));
        entity.keep(json.write(RefreshSetDto.of(set)));
        sets.saveAndFlush(entity);
        set.current().ifPresent(skill -> freshItem(new Place(person, OwnChoice.REFRESH, skill)));
    }

    /** An item that an earlier set has closed makes room for another. */
    private void freshItem(Place place) {
        String there = practice.currentItem(place);
        if (record.outcome(items.require(place.person(), there)).isPresent()) {
            practice.next(place, there, PracticeService.Onward.NEXT, "refresh-" + UUID.randomUUID());
        }
    }

    /**
     * Goes on to the next skill, or ends the set.
     *
     * @param itemId the item that is closed now; another one than the current skill's changes nothing, so that a resent
     *     request counts once
     * @throws Problem when it is still open
     */
    @Transactional
    public ReviewView next(Person person, String itemId) {
        ServedItem served = items.require(person, itemId);
        Optional<RefreshSet> set =
                sets.findById(person.id()).map(this::state).filter(s -> isCurrent(person, s, served));
        set.ifPresent(s -> {
            Outcome outcome = record.outcome(served)
                    .orElseThrow(() ->
                            Problem.conflict("This item is still open. Answer it first, or look at its solution."));
            if (outcome.isRightUnaided()) {
                knowledge.shown(person.id(), served.ref().skill(), clock.instant(), true);
            }
            keep(person, s.after(outcome));
        });
        return view(person);
    }

    private boolean isCurrent(Person person, RefreshSet set, ServedItem served) {
        String skill = served.ref().skill();
        return served.assignmentId().equals(OwnChoice.REFRESH)
                && set.current().filter(skill::equals).isPresent()
                && practice.currentItem(new Place(person, OwnChoice.REFRESH, skill))
                        .equals(served.id());
    }

    /** Ends the set that is under way; what was done in it stays. */
    @Transactional
    public ReviewView end(Person person) {
        sets.findById(person.id()).ifPresent(sets::delete);
        sets.flush();
        return view(person);
    }
}
