package littlesummit.app.exchange.oneroster;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.classroom.TableTaken;
import littlesummit.app.exchange.oneroster.RosterPackage.ClassChoice;
import littlesummit.app.exchange.oneroster.RosterPackage.Listed;
import littlesummit.app.exchange.oneroster.RosterPlan.Line;
import littlesummit.app.exchange.oneroster.RosterPlan.What;
import littlesummit.app.headway.Headway;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.people.RosterService;
import littlesummit.app.web.Json;
import littlesummit.app.web.Problem;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A OneRoster package taken into the open class: first what it would do, then doing it, and undoing it for a day. */
@Service
class RosterImport {
    private final PeopleService people;
    private final RosterService roster;
    private final ImportRepository imports;
    private final Json json;
    private final Clock clock;

    RosterImport(PeopleService people, RosterService roster, ImportRepository imports, Json json, Clock clock) {
        this.people = people;
        this.roster = roster;
        this.imports = imports;
        this.json = json;
        this.clock = clock;
    }

    /**
     * One change that was made.
     *
     * @param before the name before it, where it was a new name
     */
    record Deed(What what, String personId, String before) {}

    record Deeds(List<Deed> all) {}

    /** @param plan what was done, line by line */
    record Taken(String id, RosterPlan plan) {}

    /**
     * The last package that can still be undone.
     *
     * @param until when that ends
     * @param says what it changed
     */
    record Last(String id, Instant takenAt, Instant until, String says) {}

    /** A line of the package, and what it comes to in this class. */
    private record Step(Listed listed, Optional<Student> there, What what, String username, String says) {
        Line line() {
            String name = listed.name().isEmpty() ? there.map(Student::name).orElse("") : listed.name();
            return new Line(listed.place(), name, what, says);
        }
    }

    /** @param classId of the package; blank for its only one, or the one that is called like the open class */
    @Transactional(readOnly = true)
    RosterPlan plan(Person instructor, RosterPackage brought, String classId) {
        List<ClassChoice> classes = brought.classes();
        Optional<String> chosen = chosen(instructor, classes, classId);
        return chosen.isEmpty()
                ? new RosterPlan(classes, List.of(), List.of())
                : plan(instructor, steps(instructor, brought.students(chosen.get())));
    }

    private RosterPlan plan(Person instructor, List<Step> steps) {
        Set<String> met =
                steps.stream().flatMap(s -> s.there().stream()).map(Student::id).collect(Collectors.toSet());
        return new RosterPlan(
                List.of(),
                steps.stream().map(Step::line).toList(),
                people.students(instructor.classId()).stream()
                        .filter(s -> !met.contains(s.id()))
                        .map(Student::name)
                        .toList());
    }

    private static Optional<String> chosen(Person instructor, List<ClassChoice> classes, String classId) {
        if (classes.size() < 2) {
            return Optional.of(classes.isEmpty() ? "" : classes.getFirst().sourcedId());
        }
        return classes.stream()
                .filter(c -> classId.isBlank()
                        ? c.sourcedId().equals(instructor.classId())
                                || c.title().equals(instructor.className())
                        : c.sourcedId().equals(classId))
                .map(ClassChoice::sourcedId)
                .findFirst();
    }

    private List<Step> steps(Person instructor, List<Listed> all) {
        if (all.isEmpty()) {
            throw Problem.badRequest("There is no student in this package.");
        }
        Map<String, Student> open = byId(people.students(instructor.classId()));
        Map<String, Student> closed = byId(people.closed(instructor.classId()));
        Map<String, String> sources = roster.sources(instructor);
        Set<String> taken = new HashSet<>();
        Set<String> met = new HashSet<>();
        List<Step> steps = new ArrayList<>();
        for (Listed one : all) {
            Optional<Student> there = Stream.concat(open.values().stream(), closed.values().stream())
                    .filter(s ->
                            s.id().equals(sources.getOrDefault(one.sourcedId(), one.sourcedId())) || isSame(s, one))
                    .findFirst();
            if (!one.sourcedId().isEmpty() && !met.add(one.sourcedId())) {
                continue;
            }
            Step step = step(
                    one, there, there.filter(s -> closed.containsKey(s.id())).isPresent(), taken);
            taken.add(step.username());
            steps.add(step);
        }
        return steps;
    }

    /** By the sign-in name; where that is an address of mail, by what stands before its sign and the name as well. */
    private static boolean isSame(Student there, Listed one) {
        return there.username().equals(one.username().strip().toLowerCase(Locale.ROOT))
                || there.username().equals(signIn(one.username()))
                        && there.name().equals(one.name());
    }

    private static Map<String, Student> byId(List<Student> students) {
        return students.stream().collect(Collectors.toMap(Student::id, Function.identity()));
    }

    private Step step(Listed one, Optional<Student> there, boolean isClosed, Set<String> taken) {
        if (!one.refusal().isEmpty()) {
            return new Step(one, there, What.REFUSED, "", one.refusal());
        }
        if (there.isEmpty()) {
            return one.leaves() ? new Step(one, there, What.SAME, "", "is not in this class") : added(one, taken);
        }
        Student student = there.get();
        if (one.leaves()) {
            return isClosed
                    ? new Step(one, there, What.SAME, "", "was taken out before")
                    : new Step(one, there, What.TAKEN_OUT, "", "leaves the class; the work stays");
        }
        if (isClosed) {
            return new Step(one, there, What.BACK, "", "comes back into the class");
        }
        boolean sameName = one.name().isEmpty() || one.name().equals(student.name());
        return sameName
                ? new Step(one, there, What.SAME, "", "is in the class already")
                : new Step(one, there, What.RENAMED, "", "was called " + student.name());
    }

    private Step added(Listed one, Set<String> taken) {
        RosterService.Planned planned = roster.plan(one.name(), signIn(one.username()), taken);
        return planned.refusal().isEmpty()
                ? new Step(one, Optional.empty(), What.ADDED, planned.username(), "signs in as " + planned.username())
                : new Step(one, Optional.empty(), What.REFUSED, "", planned.refusal());
    }

    /** Addresses of mail are cut at their sign; what cannot be signed in with is made from the name instead. */
    private static String signIn(String username) {
        String plain = username.strip().toLowerCase(Locale.ROOT).replaceAll("@.*", "");
        return plain.matches("[a-z0-9][a-z0-9._-]{1,39}") ? plain : "";
    }

    @Transactional
    Taken take(Person instructor, RosterPackage brought, String classId, Headway headway) {
        String chosen = chosen(instructor, brought.classes(), classId)
                .orElseThrow(() -> Problem.badRequest("This package has several classes. Choose one of them."));
        List<Step> steps = steps(instructor, brought.students(chosen));
        RosterPlan done = plan(instructor, steps);
        List<Deed> deeds = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            headway.at("Going through the lines", i, steps.size());
            done(instructor, steps.get(i)).forEach(deeds::add);
        }
        return new Taken(remember(instructor.classId(), deeds), done);
    }

    /** Tables of names are undone like packages. */
    @EventListener
    @Transactional
    public void taken(TableTaken table) {
        remember(
                table.classId(),
                table.added().stream().map(id -> new Deed(What.ADDED, id, "")).toList());
    }

    private String remember(String classId, List<Deed> deeds) {
        String id = UUID.randomUUID().toString();
        // One that changes nothing must not stand before one that can be undone.
        if (!deeds.isEmpty()) {
            imports.save(new ImportEntity(id, classId, clock.instant(), json.write(new Deeds(deeds))));
        }
        return id;
    }

    private Stream<Deed> done(Person instructor, Step step) {
        Listed one = step.listed();
        String id = step.there().map(Student::id).orElse("");
        switch (step.what()) {
            case ADDED -> {
                id = roster.invite(instructor, one.name(), one.family(), step.username())
                        .id();
                remember(instructor, id, one);
            }
            case RENAMED -> {
                roster.rename(instructor, id, one.name());
                remember(instructor, id, one);
            }
            case TAKEN_OUT -> roster.close(instructor, id);
            case BACK -> roster.openAgain(instructor, id);
            case SAME -> {
                if (step.there().isPresent()) {
                    remember(instructor, id, one);
                }
                return Stream.empty();
            }
            case REFUSED -> {
                return Stream.empty();
            }
        }
        return Stream.of(
                new Deed(step.what(), id, step.there().map(Student::name).orElse("")));
    }

    private void remember(Person instructor, String id, Listed one) {
        if (!one.sourcedId().isEmpty() && !one.sourcedId().equals(id)) {
            roster.comesFrom(instructor, id, one.sourcedId());
        }
    }

    @Transactional(readOnly = true)
    Optional<Last> last(Person instructor) {
        return imports.findFirstByClassIdOrderByTakenAtDesc(instructor.classId())
                .filter(i -> i.canBeUndone(clock.instant()))
                .map(i -> new Last(i.id(), i.takenAt(), i.takenAt().plus(ImportEntity.UNDO), says(deeds(i))));
    }

    private List<Deed> deeds(ImportEntity taken) {
        return json.read(taken.deeds(), Deeds.class).all();
    }

    private static String says(List<Deed> deeds) {
        return Stream.of(What.ADDED, What.RENAMED, What.TAKEN_OUT, What.BACK)
                .map(what -> Map.entry(
                        what, deeds.stream().filter(d -> d.what() == what).count()))
                .filter(e -> e.getValue() > 0)
                .map(e -> e.getValue() + " " + words(e.getKey()))
                .collect(Collectors.joining(", "));
    }

    private static String words(What what) {
        return switch (what) {
            case ADDED -> "added";
            case RENAMED -> "renamed";
            case TAKEN_OUT -> "taken out";
            case BACK -> "back in the class";
            case SAME -> "as before";
            case REFUSED -> "not taken in";
        };
    }

    /** @throws Problem when it is no package of this class, or older than a day */
    @Transactional
    void undo(Person instructor, String id) {
        ImportEntity taken = imports.findById(id)
                .filter(i -> i.classId().equals(instructor.classId()))
                .orElseThrow(() -> Problem.notFound("No such package was taken into this class."));
        if (!taken.canBeUndone(clock.instant())) {
            throw Problem.badRequest("This can no longer be undone: it was undone already, or a day has passed.");
        }
        List<Deed> deeds = deeds(taken).stream()
                .filter(deed -> people.findStudent(instructor, deed.personId()).isPresent())
                .toList();
        for (Deed deed : deeds.reversed()) {
            switch (deed.what()) {
                case ADDED, BACK -> roster.close(instructor, deed.personId());
                case TAKEN_OUT -> roster.openAgain(instructor, deed.personId());
                case RENAMED -> roster.rename(instructor, deed.personId(), deed.before());
                case SAME, REFUSED -> throw new IllegalStateException(deed.toString());
            }
        }
        taken.undone(clock.instant());
    }
}
