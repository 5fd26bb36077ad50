package littlesummit.app.calendar;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.due.DueService;
import littlesummit.app.due.DueView;
import littlesummit.app.people.ClassesService;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.people.SchoolClass;
import littlesummit.app.web.Digest;
import littlesummit.app.web.Problem;
import littlesummit.core.practice.Explain;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Dates for the calendar of a student or an instructor, and its private address. */
@Service
public class CalendarService {
    private static final int SECRET_BYTES = 24;
    private final AddressRepository addresses;
    private final PeopleService people;
    private final ClassesService classes;
    private final AssignmentService assignments;
    private final DueService due;
    private final ItemSource catalogue;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    CalendarService(
            AddressRepository addresses,
            PeopleService people,
            ClassesService classes,
            AssignmentService assignments,
            DueService due,
            ItemSource catalogue,
            Clock clock) {
        this.addresses = addresses;
        this.people = people;
        this.classes = classes;
        this.assignments = assignments;
        this.due = due;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** When the address was made; empty where there is none. */
    @Transactional(readOnly = true)
    public Optional<Instant> madeAt(Person person) {
        return addresses.findById(person.id()).map(AddressEntity::madeAt);
    }

    /**
     * Makes a new address. The one before opens nothing any more.
     *
     * @return its secret, which is kept nowhere
     */
    @Transactional
    public String renew(Person person) {
        byte[] bytes = new byte[SECRET_BYTES];
        random.nextBytes(bytes);
        String secret = HexFormat.of().formatHex(bytes);
        addresses.save(new AddressEntity(person.id(), Digest.of(secret), clock.instant()));
        return secret;
    }

    @Transactional
    public void remove(Person person) {
        addresses.deleteById(person.id());
    }

    /**
     * The calendar behind a secret.
     *
     * @param site where the application is, for the links in it
     * @throws Problem when nothing is behind it, or the account is closed
     */
    @Transactional
    public String of(String secret, String site) {
        return addresses
                .findByHash(Digest.of(secret))
                .flatMap(address -> people.open(address.personId()))
                .map(person -> file(person, site))
                .orElseThrow(() -> Problem.notFound("There is no calendar at this address any more."));
    }

    /** @param site where the application is, for the links in it */
    @Transactional
    public String file(Person person, String site) {
        return CalendarFile.of(
                person.role() == Role.STUDENT ? ofStudent(person, site) : ofInstructor(person, site), clock.instant());
    }

    private List<Entry> ofStudent(Person student, String site) {
        Map<String, Boolean> finished = due.due(student, true).assignments().stream()
                .collect(Collectors.toMap(DueView.DueAssignment::id, DueView.DueAssignment::finished));
        List<Entry> entries = new ArrayList<>();
        for (Assignment a : assignments.of(student)) {
            entries.add(work(a, "", finished.getOrDefault(a.id(), false), true, site + "/due"));
        }
        classes.goal(student.classId()).map(g -> goal(student.classId(), "", g)).ifPresent(entries::add);
        return entries;
    }

    /** Of all classes that are not over, each by its name. */
    private List<Entry> ofInstructor(Person instructor, String site) {
        return classes.of(instructor).stream()
                .filter(c -> !c.isOver())
                .flatMap(c -> Stream.concat(
                        assignments.ofClass(c.id()).stream()
                                .map(a -> (Entry) work(a, c.name() + ": ", false, false, site + "/class/assignments")),
                        c.goal().map(g -> (Entry) goal(c.id(), c.name() + ": ", g)).stream()))
                .toList();
    }

    private Entry.Work work(Assignment a, String before, boolean done, boolean asTask, String address) {
        String skills =
                a.skills().stream().map(id -> catalogue.require(id).name()).collect(Collectors.joining(", "));
        return new Entry.Work(
                a.id(),
                before + a.title(),
                (skills.isEmpty() ? "" : skills + ". ") + "Target: " + Explain.target(a.target()) + ".",
                a.opens().or(a::setAt),
                a.due().orElseThrow(),
                done,
                asTask,
                address);
    }

    private static Entry.Goal goal(String classId, String before, SchoolClass.Goal goal) {
        return new Entry.Goal(
                classId,
                before + goal.skills() + " skills",
                "The goal of the class: " + goal.skills() + " skills known by this day.",
                goal.date());
    }
}
