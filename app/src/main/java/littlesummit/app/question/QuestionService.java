package littlesummit.app.question;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.app.shown.ShownBlock;
import littlesummit.app.web.Problem;
import littlesummit.app.web.RequestKey;
import littlesummit.app.working.WorkService;
import littlesummit.core.item.Item;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The list of what students bring to their instructor. */
@Service
public class QuestionService {
    private final ItemSource catalogue;
    private final QuestionRepository questions;
    private final ServedItems items;
    private final PracticeRecord practice;
    private final WorkService work;
    private final PeopleService people;
    private final Clock clock;

    QuestionService(
            QuestionRepository questions,
            ServedItems items,
            PracticeRecord practice,
            WorkService work,
            PeopleService people,
            Clock clock,
            ItemSource catalogue) {
        this.catalogue = catalogue;
        this.questions = questions;
        this.items = items;
        this.practice = practice;
        this.work = work;
        this.people = people;
        this.clock = clock;
    }

    /**
     * A question with everything that belongs to it.
     *
     * @param tries what was entered, in order, and what came of it
     * @param lines of the student's own page
     * @param prompts what each part of the item asks
     */
    public record Question(
            String id,
            String student,
            String assignmentId,
            String skillId,
            String skill,
            List<ShownBlock> stem,
            List<String> prompts,
            List<PracticeRecord.Try> tries,
            List<String> lines,
            String question,
            Instant askedAt,
            Optional<String> answer,
            Optional<String> answeredBy,
            Optional<Instant> answeredAt) {}

    /** The student's own, or all of the instructor's class; the latest first. */
    @Transactional(readOnly = true)
    public List<Question> of(Person person) {
        List<QuestionEntity> found = person.role() == Role.INSTRUCTOR
                ? questions.findByClassIdOrderByAskedAtDesc(person.classId())
                : questions.findByPersonIdOrderByAskedAtDesc(person.id());
        return found.stream().map(this::question).toList();
    }

    /** @param key of the request; the same one asks once */
    @Transactional
    public Question ask(Person person, String itemId, String text, String key) {
        items.require(person, itemId);
        String id = RequestKey.idOf(person.id(), key);
        return question(questions
                .findById(id)
                .orElseGet(
                        () -> questions.save(new QuestionEntity(id, person, itemId, text.strip(), clock.instant()))));
    }

    /** @throws Problem when it is another class's */
    @Transactional
    public Question answer(Person instructor, String id, String text) {
        QuestionEntity entity = questions
                .findById(id)
                .filter(q -> q.classId().equals(instructor.classId()))
                .orElseThrow(() -> Problem.notFound("There is no such question in your class."));
        entity.answered(text.strip(), instructor, clock.instant());
        return question(entity);
    }

    private Question question(QuestionEntity entity) {
        Person student = people.require(entity.personId());
        ServedItem served = items.require(student, entity.itemId());
        Item item = served.item();
        return new Question(
                entity.id(),
                student.name(),
                served.assignmentId(),
                served.ref().skill(),
                catalogue.generator(served.ref().skill()).name(),
                ShownBlock.of(item.stem()),
                item.parts().stream().map(p -> p.prompt()).toList(),
                practice.tries(served),
                work.page(student, entity.itemId()).counted(),
                entity.question(),
                entity.askedAt(),
                entity.answer(),
                entity.answeredBy(),
                entity.answeredAt());
    }
}
