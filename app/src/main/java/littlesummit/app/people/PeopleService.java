package littlesummit.app.people;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Clock;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import littlesummit.app.web.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts and signing in. */
@Service
public class PeopleService {
    private static final Logger LOG = LoggerFactory.getLogger(PeopleService.class);
    private static final String REFUSED = "The name and the password do not go together.";
    private final PersonRepository people;
    private final ClassRepository classes;
    private final TeachingRepository teaching;
    private final KnownBrowserRepository browsers;
    private final PasswordEncoder passwords;
    private final Clock clock;
    private final String noHash;
    /** Names that nobody has are locked like others, or it would tell who has an account. */
    private final LoadingCache<String, Tries> strangers = Caffeine.newBuilder()
            .expireAfterWrite(Duration.ofMinutes(10))
            .maximumSize(10_000)
            .build(name -> new Tries());

    PeopleService(
            PersonRepository people,
            ClassRepository classes,
            TeachingRepository teaching,
            KnownBrowserRepository browsers,
            PasswordEncoder passwords,
            Clock clock) {
        this.people = people;
        this.classes = classes;
        this.teaching = teaching;
        this.browsers = browsers;
        this.passwords = passwords;
        this.clock = clock;
        this.noHash = passwords.encode("nobody has this password");
    }

    @Transactional(noRollbackFor = Problem.class)
    public Person signIn(String username, String password) {
        return signIn(username, password, Optional.empty());
    }

    /**
     * Refusals count, so they must be kept: hence no roll-back. They count for the browser when the person has signed
     * in from it before, else for all others together: nobody locks anybody out of the browser that they always use. A
     * code from the instructor opens in any case; it is too long to be guessed.
     *
     * @throws Problem when refused; an unknown name and a wrong password are told alike and take as long
     */
    @Transactional(noRollbackFor = Problem.class)
    Person signIn(String username, String password, Optional<BrowserToken> browser) {
        Optional<PersonEntity> found = people.findByUsername(username.strip().toLowerCase(Locale.ROOT));
        boolean byCode = found.flatMap(PersonEntity::firstCode)
                .filter(code -> FirstCode.matches(code, password))
                .isPresent();
        Optional<KnownBrowserEntity> known = found.flatMap(
                p -> browser.flatMap(b -> browsers.findById(new KnownBrowserEntity.Key(b.hash(), p.id()))));
        Optional<Tries> tries = known.map(KnownBrowserEntity::tries)
                .or(() -> found.map(PersonEntity::tries))
                .or(() -> Optional.of(strangers.get(username)));
        if (!byCode && tries.filter(t -> t.areLocked(clock.instant())).isPresent()) {
            LOG.info("Sign-in refused: locked, {}", whom(found));
            throw Problem.tooMany("Too many wrong passwords. Wait five minutes, then try again.");
        }
        boolean right = passwords.matches(
                        password,
                        found.filter(p -> p.firstCode().isEmpty())
                                .map(PersonEntity::passwordHash)
                                .orElse(noHash))
                || byCode;
        if (found.isEmpty() || !right) {
            tries.ifPresent(t -> t.wrong(clock.instant()));
            LOG.info("Sign-in refused: wrong password, {}", whom(found));
            throw Problem.unauthorized(REFUSED);
        }
        if (found.get().isClosed()) {
            LOG.info("Sign-in refused: closed, {}", whom(found));
            throw Problem.unauthorized(
                    "This account is closed. Your instructor can open it again; nothing of your work is lost.");
        }
        LOG.info("Signed in: {}", whom(found));
        tries.ifPresent(Tries::right);
        browser.ifPresent(
                b -> remember(new KnownBrowserEntity.Key(b.hash(), found.get().id())));
        return person(found.get());
    }

    /** Whom the log means: an id, never what was typed, which may be a password in the wrong field. */
    private static String whom(Optional<PersonEntity> found) {
        return found.map(PersonEntity::id).orElse("nobody by this name");
    }

    private void remember(KnownBrowserEntity.Key key) {
        browsers.findById(key)
                .orElseGet(() -> browsers.save(new KnownBrowserEntity(key, clock.instant())))
                .seen(clock.instant());
    }

    private Person person(PersonEntity entity) {
        return entity.toPerson(
                classes.findById(entity.classId()).map(ClassEntity::name).orElse(""));
    }

    /** @throws Problem when there is nobody with this id */
    @Transactional(readOnly = true)
    public Person require(String id) {
        return people.findById(id).map(this::person).orElseThrow(() -> Problem.notFound("There is nobody like that."));
    }

    /** Somebody whose account is open; empty for nobody, and for one that is closed. */
    @Transactional(readOnly = true)
    public Optional<Person> open(String id) {
        return people.findById(id).filter(p -> !p.isClosed()).map(this::person);
    }

    /** Names by id; of nobody, none. */
    @Transactional(readOnly = true)
    public Map<String, String> names(Collection<String> ids) {
        return people.findAllById(ids).stream().collect(Collectors.toMap(PersonEntity::id, PersonEntity::name));
    }

    /** Extra time in quizzes, in percent of the usual time. */
    @Transactional(readOnly = true)
    public int extraTime(String personId) {
        return people.findById(personId).map(PersonEntity::extraTime).orElse(0);
    }

    /**
     * A student as the instructor sees one.
     *
     * @param family last part of the name, where it is known
     * @param extraTime in quizzes, in percent
     * @param waiting whether the first-time code was not used yet
     */
    public record Student(String id, String username, String name, String family, int extraTime, boolean waiting) {}

    /** Who is in a class now, by name. */
    @Transactional(readOnly = true)
    public List<Student> students(String classId) {
        return all(classId, false);
    }

    /** Whose account is closed. */
    @Transactional(readOnly = true)
    public List<Student> closed(String classId) {
        return all(classId, true);
    }

    private List<Student> all(String classId, boolean closed) {
        return people.findByClassIdAndRoleOrderByName(classId, Role.STUDENT).stream()
                .filter(p -> p.isClosed() == closed)
                .map(p -> new Student(
                        p.id(), p.username(), p.name(), p.familyName().orElse(""), p.extraTime(), p.mustChange()))
                .toList();
    }

    /** @throws Problem when there is no such student in the class that the instructor has open */
    @Transactional(readOnly = true)
    public Person student(Person instructor, String id) {
        return findStudent(instructor, id)
                .orElseThrow(() -> Problem.notFound("There is no such student in your class."));
    }

    /** The same for one who may have been moved away or deleted since. */
    @Transactional(readOnly = true)
    public Optional<Person> findStudent(Person instructor, String id) {
        return people.findById(id)
                .filter(p -> p.role() == Role.STUDENT && p.classId().equals(instructor.classId()))
                .map(this::person);
    }

    /** Whether the class is one of the instructor's, open or not. */
    @Transactional(readOnly = true)
    public boolean teaches(Person instructor, String classId) {
        return teaching.existsById(new TeachingEntity.Key(classId, instructor.id()));
    }

    @Transactional(readOnly = true)
    public boolean isTaken(String username) {
        return people.findByUsername(username).isPresent();
    }

    /**
     * Whoever has just come in by a code need not type it again.
     *
     * @throws Problem when the old one is wrong or the new one too easy
     */
    @Transactional(noRollbackFor = Problem.class)
    public void changePassword(Person person, String old, String fresh) {
        if (people.findById(person.id()).filter(PersonEntity::mustChange).isEmpty()) {
            requireOwn(person, old);
        }
        GoodPassword.require(fresh, List.of(person.username(), person.name()));
        if (fresh.equals(old)) {
            throw Problem.badRequest("This is the old one. Choose another.");
        }
        people.findById(person.id()).orElseThrow().setPassword(passwords.encode(fresh));
    }

    /** Told as something to put right on the page, not as a session that has ended. */
    private void requireOwn(Person person, String password) {
        try {
            signIn(person.username(), password);
        } catch (Problem refused) {
            throw Problem.badRequest("This is not the password that you have now.");
        }
    }

    @Transactional
    public String addClass(String name) {
        String id = UUID.randomUUID().toString();
        classes.save(new ClassEntity(id, name));
        return id;
    }

    @Transactional
    public Person add(String username, String name, Role role, String password, String classId) {
        PersonEntity entity = people.save(new PersonEntity(
                UUID.randomUUID().toString(), username, name, role, passwords.encode(password), classId));
        if (role == Role.INSTRUCTOR) {
            teaching.save(new TeachingEntity(classId, entity.id()));
        }
        return person(entity);
    }

    /** Somebody whose account a code opens; no password is worked out, so that a whole class takes a moment. */
    @Transactional
    Person addByCode(String username, String name, String family, Role role, String code, String classId) {
        PersonEntity entity = new PersonEntity(UUID.randomUUID().toString(), username, name, role, "", classId);
        entity.openBy(code);
        entity.comesFrom(family);
        people.save(entity);
        if (role == Role.INSTRUCTOR) {
            teaching.save(new TeachingEntity(classId, entity.id()));
        }
        return person(entity);
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return people.count() == 0;
    }
}
