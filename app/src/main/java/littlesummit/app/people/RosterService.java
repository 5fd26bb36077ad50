package littlesummit.app.people;

import java.text.Normalizer;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.web.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who is in a class and who teaches it: instructors make the accounts of others, which a code opens once. */
@Service
public class RosterService {
    private static final int LONGEST_NAME = 100;
    private final PersonRepository people;
    private final TeachingRepository teaching;
    private final PeopleService accounts;
    private final Sessions sessions;
    private final Clock clock;

    RosterService(
            PersonRepository people,
            TeachingRepository teaching,
            PeopleService accounts,
            Sessions sessions,
            Clock clock) {
        this.people = people;
        this.teaching = teaching;
        this.accounts = accounts;
        this.sessions = sessions;
        this.clock = clock;
    }

    /** @param code opens the account once; shown this one time */
    public record Invited(String id, String name, String username, String code) {}

    /**
     * A new student of the class that the instructor has open. A refusal comes before anything is written: hence no
     * roll-back, and a table goes on.
     *
     * @param username made from the name when blank
     * @throws Problem when the name is no name, or the username is taken
     */
    @Transactional(noRollbackFor = Problem.class)
    public Invited invite(Person instructor, String name, String username) {
        return invite(instructor, name, "", username);
    }

    /** @param family last part of the name, where it is known apart */
    @Transactional(noRollbackFor = Problem.class)
    public Invited invite(Person instructor, String name, String family, String username) {
        return invite(Role.STUDENT, instructor.classId(), name, family, username);
    }

    /** Somebody who teaches the open class as well: a colleague who has an account keeps it, and gets no code. */
    @Transactional
    public Invited inviteColleague(Person instructor, String name, String username) {
        Optional<PersonEntity> there = people.findByUsername(username.strip().toLowerCase(Locale.ROOT))
                .filter(p -> p.role() == Role.INSTRUCTOR);
        there.ifPresent(p -> {
            if (teaching.existsById(new TeachingEntity.Key(instructor.classId(), p.id()))) {
                throw Problem.badRequest(p.name() + " teaches this class already.");
            }
            teaching.save(new TeachingEntity(instructor.classId(), p.id()));
        });
        return there.map(p -> new Invited(
                        p.id(), p.name(), p.username(), p.firstCode().orElse("")))
                .orElseGet(() -> invite(Role.INSTRUCTOR, instructor.classId(), name, "", username));
    }

    private Invited invite(Role role, String classId, String name, String family, String username) {
        String asked = username.isBlank() ? freeName(name) : username.strip().toLowerCase(Locale.ROOT);
        refusal(name, asked).ifPresent(sentence -> {
            throw Problem.badRequest(sentence);
        });
        String code = FirstCode.next();
        Person made = accounts.addByCode(asked, name.strip(), family, role, code, classId);
        return new Invited(made.id(), made.name(), asked, code);
    }

    /** Why somebody cannot be called so; empty when it is fine. */
    Optional<String> refusal(String name, String username) {
        if (!isName(name)) {
            return Optional.of("A name has 1 to " + LONGEST_NAME + " characters.");
        }
        if (!username.matches("[a-z0-9][a-z0-9._-]{1,39}")) {
            return Optional.of(
                    "“" + username + "” cannot be signed in with: use 2 to 40 small letters, digits, dots or dashes.");
        }
        return accounts.isTaken(username)
                ? Optional.of("Somebody signs in as “" + username + "” already. Choose another.")
                : Optional.empty();
    }

    private static boolean isName(String name) {
        return !name.isBlank() && name.strip().length() <= LONGEST_NAME;
    }

    /** The first name in plain letters, with a number where it is taken. */
    private String freeName(String name) {
        return freeName(name, Set.of());
    }

    private String freeName(String name, Set<String> taken) {
        String plain = Normalizer.normalize(name.strip().split("\\s+")[0], Normalizer.Form.NFD)
                .replaceAll("[^A-Za-z0-9]", "")
                .toLowerCase(Locale.ROOT);
        String base = plain.length() < 2 ? "student" : plain.substring(0, Math.min(plain.length(), 30));
        Set<String> there = people.usernamesFrom(base);
        String free = base;
        for (int i = 2; there.contains(free) || taken.contains(free); i++) {
            free = base + i;
        }
        return free;
    }

    /**
     * Closes an account but for a code that opens it once, and ends its sessions.
     *
     * @return the code, which is shown this one time
     */
    @Transactional
    public String newCode(Person instructor, String id) {
        return newCode(student(instructor, id));
    }

    private String newCode(PersonEntity person) {
        String code = FirstCode.next();
        person.openBy(code);
        sessions.end(person.username());
        return code;
    }

    /** Codes of the open class that were not used yet, students and colleagues, by name. */
    @Transactional(readOnly = true)
    public List<Invited> unusedCodes(Person instructor) {
        Stream<PersonEntity> students =
                people.findByClassIdAndRoleOrderByName(instructor.classId(), Role.STUDENT).stream()
                        .filter(p -> !p.isClosed());
        return Stream.concat(students, people.findByIdInOrderByName(colleagueIds(instructor)).stream())
                .filter(p -> p.firstCode().isPresent())
                .map(p -> new Invited(
                        p.id(), p.name(), p.username(), p.firstCode().orElseThrow()))
                .toList();
    }

    private List<String> colleagueIds(Person instructor) {
        return teaching.findByClassId(instructor.classId()).stream()
                .map(TeachingEntity::personId)
                .toList();
    }

    private PersonEntity colleague(Person instructor, String id) {
        return people.findById(id)
                .filter(p -> colleagueIds(instructor).contains(id) && !id.equals(instructor.id()))
                .orElseThrow(() -> Problem.notFound("There is no such colleague in this class."));
    }

    @Transactional
    public String newColleagueCode(Person instructor, String id) {
        return newCode(colleague(instructor, id));
    }

    /** Takes a colleague off the open class. One who had it open goes on with another class, or with an empty one. */
    @Transactional
    public void removeColleague(Person instructor, String id) {
        PersonEntity colleague = colleague(instructor, id);
        teaching.deleteById(new TeachingEntity.Key(instructor.classId(), id));
        teaching.flush();
        if (colleague.classId().equals(instructor.classId())) {
            colleague.moveTo(teaching.findByPersonId(id).stream()
                    .findFirst()
                    .map(TeachingEntity::classId)
                    .orElseGet(() -> ownClass(colleague)));
            sessions.end(colleague.username());
        }
    }

    private String ownClass(PersonEntity colleague) {
        String classId = accounts.addClass("Class of " + colleague.name());
        teaching.save(new TeachingEntity(classId, colleague.id()));
        return classId;
    }

    /**
     * What would come of a table, line by line, without taking it in.
     *
     * @param taken sign-in names of lines before this one
     */
    @Transactional(readOnly = true)
    public Planned plan(String name, String username, Set<String> taken) {
        String asked =
                username.isBlank() ? freeName(name, taken) : username.strip().toLowerCase(Locale.ROOT);
        Optional<String> refusal = taken.contains(asked)
                ? Optional.of("“" + asked + "” stands in this table twice.")
                : refusal(name, asked);
        return new Planned(name.strip(), asked, refusal.orElse(""));
    }

    /** @param refusal why this line cannot be taken in, or empty */
    public record Planned(String name, String username, String refusal) {}

    /** The same for anybody, for whoever starts the server. Empty when nobody signs in so. */
    @Transactional
    Optional<String> newCodeFor(String username) {
        return people.findByUsername(username.strip().toLowerCase(Locale.ROOT)).map(this::newCode);
    }

    /** @param percent extra time in quizzes, 0 to 200 */
    @Transactional
    public void allowExtraTime(Person instructor, String id, int percent) {
        student(instructor, id).allow(percent);
    }

    @Transactional
    public void rename(Person instructor, String id, String name) {
        if (!isName(name)) {
            throw Problem.badRequest("A name has 1 to " + LONGEST_NAME + " characters.");
        }
        student(instructor, id).rename(name.strip());
    }

    /** Takes a student out of the class; the work stays, and the account can be opened again. */
    @Transactional
    public void close(Person instructor, String id) {
        PersonEntity student = student(instructor, id);
        student.close(Optional.of(clock.instant()));
        sessions.end(student.username());
    }

    /** From now on no student of a class is signed in anywhere. */
    @Transactional
    public void signOutAll(String classId) {
        people.findByClassIdAndRoleOrderByName(classId, Role.STUDENT).forEach(one -> sessions.end(one.username()));
    }

    @Transactional
    public void openAgain(Person instructor, String id) {
        student(instructor, id).close(Optional.empty());
    }

    /** Whether the account of a student of the open class was closed. */
    @Transactional(readOnly = true)
    public boolean isClosed(Person instructor, String id) {
        return student(instructor, id).isClosed();
    }

    /**
     * Into another class that the instructor teaches.
     *
     * @throws Problem when it is none of the instructor's
     */
    @Transactional
    public void moveTo(Person instructor, String id, String classId) {
        PersonEntity student = student(instructor, id);
        if (!accounts.teaches(instructor, classId)) {
            throw Problem.notFound("You teach no such class.");
        }
        student.moveTo(classId);
        sessions.end(student.username());
    }

    /** Students of the open class, closed accounts too, by what they are called where a roster came from. */
    @Transactional(readOnly = true)
    public Map<String, String> sources(Person instructor) {
        return people.findByClassIdAndRoleOrderByName(instructor.classId(), Role.STUDENT).stream()
                .filter(p -> p.sourcedId().isPresent())
                .collect(Collectors.toMap(p -> p.sourcedId().orElseThrow(), PersonEntity::id, (a, b) -> a));
    }

    /** @param sourcedId what the student is called where the roster came from */
    @Transactional
    public void comesFrom(Person instructor, String id, String sourcedId) {
        student(instructor, id).isCalledElsewhere(sourcedId);
    }

    private PersonEntity student(Person instructor, String id) {
        return people.findById(accounts.student(instructor, id).id()).orElseThrow();
    }

    /** Who teaches the open class, by name. */
    @Transactional(readOnly = true)
    public List<Colleague> colleagues(Person instructor) {
        return people.findByIdInOrderByName(colleagueIds(instructor)).stream()
                .map(p -> new Colleague(p.id(), p.name(), p.username(), p.mustChange(), p.id().equals(instructor.id())))
                .toList();
    }

    /**
     * @param waiting whether the first-time code was not used yet
     * @param self whether it is the one who asks
     */
    public record Colleague(String id, String name, String username, boolean waiting, boolean self) {}
}
