package littlesummit.app.people;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import littlesummit.app.people.SchoolClass.Goal;
import littlesummit.app.web.Problem;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The classes that an instructor teaches; one of them is open at a time. */
@Service
public class ClassesService {
    private static final int LONGEST_NAME = 100;
    private final ItemSource catalogue;
    private final ClassRepository classes;
    private final TeachingRepository teaching;
    private final PersonRepository people;
    private final PeopleService accounts;
    private final Clock clock;

    ClassesService(
            ClassRepository classes,
            TeachingRepository teaching,
            PersonRepository people,
            PeopleService accounts,
            Clock clock,
            ItemSource catalogue) {
        this.catalogue = catalogue;
        this.classes = classes;
        this.teaching = teaching;
        this.people = people;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** All that the instructor teaches, by name, those that are over last. */
    @Transactional(readOnly = true)
    public List<SchoolClass> of(Person instructor) {
        List<String> ids = teaching.findByPersonId(instructor.id()).stream()
                .map(TeachingEntity::classId)
                .toList();
        return classes.findAllById(ids).stream()
                .map(c -> new SchoolClass(
                        c.id(),
                        c.name(),
                        people.countByClassIdAndRoleAndClosedAtIsNull(c.id(), Role.STUDENT),
                        c.goal(),
                        c.isOver(),
                        c.id().equals(instructor.classId())))
                .sorted(Comparator.comparing(SchoolClass::isOver).thenComparing(SchoolClass::name))
                .toList();
    }

    /**
     * A new class of the instructor's own, which is open from now on.
     *
     * @return the instructor with it
     */
    @Transactional
    public Person make(Person instructor, String name) {
        String id = accounts.addClass(requireName(name));
        teaching.save(new TeachingEntity(id, instructor.id()));
        return open(instructor, id);
    }

    /**
     * A new class of the instructor's own, which is not opened yet.
     *
     * @return the instructor as the one who has it open
     */
    @Transactional
    public Person addTaught(Person instructor, String name) {
        String id = accounts.addClass(requireName(name));
        teaching.save(new TeachingEntity(id, instructor.id()));
        return lookingAt(instructor, id);
    }

    /**
     * Course and goal of a class that comes from elsewhere.
     *
     * @param instructor with this class open
     * @param goal as it was; empty for none
     */
    @Transactional
    public void asItWas(Person instructor, String courseId, Optional<Goal> goal) {
        ClassEntity own = own(instructor, instructor.classId());
        own.take(courseId);
        own.aim(goal);
    }

    /**
     * The instructor as the one who has another class open; nothing is changed.
     *
     * @throws Problem when it is none of the instructor's
     */
    @Transactional(readOnly = true)
    public Person lookingAt(Person instructor, String classId) {
        ClassEntity own = own(instructor, classId);
        return new Person(
                instructor.id(),
                instructor.username(),
                instructor.name(),
                instructor.role(),
                classId,
                own.name(),
                instructor.mustChange());
    }

    /**
     * Sees that nobody needs a class any more.
     *
     * @throws Problem when it is none of the instructor's, goes on, is open for somebody, or others teach it as well
     */
    @Transactional(readOnly = true)
    public void requireOver(Person instructor, String classId) {
        ClassEntity own = own(instructor, classId);
        if (!own.isOver() || isOpen(classId)) {
            throw Problem.conflict("This class goes on, or somebody has it open. Say that it is over first.");
        }
        if (teaching.findByClassId(classId).size() > 1) {
            throw Problem.conflict("Others teach this class as well. Take them out of it first.");
        }
    }

    /** For any of those who teach it. */
    private boolean isOpen(String classId) {
        return !people.findByClassIdAndRoleOrderByName(classId, Role.INSTRUCTOR).isEmpty();
    }

    /** Whether no student of a class has signed in yet, and nobody has it open. */
    @Transactional(readOnly = true)
    public boolean isUntouched(String classId) {
        return !isOpen(classId)
                && people.findByClassIdAndRoleOrderByName(classId, Role.STUDENT).stream()
                        .allMatch(student ->
                                student.isClosed() || student.firstCode().isPresent());
    }

    /**
     * @return the instructor with the other class open
     * @throws Problem when it is none of the instructor's
     */
    @Transactional
    public Person open(Person instructor, String classId) {
        people.findById(instructor.id())
                .orElseThrow()
                .moveTo(own(instructor, classId).id());
        return accounts.require(instructor.id());
    }

    @Transactional
    public Person rename(Person instructor, String classId, String name) {
        own(instructor, classId).rename(requireName(name));
        return accounts.require(instructor.id());
    }

    /**
     * @param skills to be known by {@code date}
     * @throws Problem when there are not so many, or the date is past
     */
    @Transactional
    public void aim(Person instructor, int skills, LocalDate date) {
        LocalDate today = LocalDate.now(clock);
        if (skills < 1 || skills > catalogue.skills().size()) {
            throw Problem.badRequest("The map has 1 to " + catalogue.skills().size() + " skills.");
        }
        if (!date.isAfter(today)) {
            throw Problem.badRequest("The day of a goal lies ahead.");
        }
        ClassEntity own = own(instructor, instructor.classId());
        own.aim(Optional.of(new Goal(skills, own.goal().map(Goal::start).orElse(today), date)));
    }

    @Transactional
    public void aimAtNothing(Person instructor) {
        own(instructor, instructor.classId()).aim(Optional.empty());
    }

    /** Puts a class out of the way, or takes it up again. */
    @Transactional
    public void over(Person instructor, String classId, boolean over) {
        own(instructor, classId).over(over ? Optional.of(clock.instant()) : Optional.empty());
    }

    @Transactional(readOnly = true)
    public Optional<Goal> goal(String classId) {
        return classes.findById(classId).flatMap(ClassEntity::goal);
    }

    /** Id of the course that a class works through; empty for the whole one, and for a class that there is not. */
    @Transactional(readOnly = true)
    public String courseOf(String classId) {
        return classes.findById(classId).map(ClassEntity::courseId).orElse("");
    }

    /** @param courseId of a course that there is, empty for the whole one */
    @Transactional
    public void take(Person instructor, String courseId) {
        own(instructor, instructor.classId()).take(courseId);
    }

    private ClassEntity own(Person instructor, String classId) {
        return classes.findById(classId)
                .filter(c -> accounts.teaches(instructor, classId))
                .orElseThrow(() -> Problem.notFound("You teach no such class."));
    }

    /** @throws Problem when it is no name */
    static String requireName(String name) {
        if (name.isBlank() || name.strip().length() > LONGEST_NAME) {
            throw Problem.badRequest("The name of a class has 1 to " + LONGEST_NAME + " characters.");
        }
        return name.strip();
    }
}
