package littlesummit.app.people;

import java.time.Clock;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import littlesummit.app.web.Problem;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts and signing in. */
@Service
public class PeopleService {
    private static final String REFUSED = "The name and the password do not go together.";
    private final PersonRepository people;
    private final ClassRepository classes;
    private final PasswordEncoder passwords;
    private final Clock clock;
    private final String noHash;

    PeopleService(PersonRepository people, ClassRepository classes, PasswordEncoder passwords, Clock clock) {
        this.people = people;
        this.classes = classes;
        this.passwords = passwords;
        this.clock = clock;
        this.noHash = passwords.encode("nobody has this password");
    }

    /**
     * Refusals count, so they must be kept: hence no roll-back.
     *
     * @throws Problem when refused; an unknown name and a wrong password are told alike and take as long
     */
    @Transactional(noRollbackFor = Problem.class)
    public Person signIn(String username, String password) {
        Optional<PersonEntity> found = people.findByUsername(username.strip().toLowerCase(Locale.ROOT));
        if (found.filter(p -> p.isLocked(clock.instant())).isPresent()) {
            throw Problem.tooMany("Too many wrong passwords. Wait five minutes, then try again.");
        }
        boolean right = passwords.matches(password, found.map(PersonEntity::passwordHash).orElse(noHash));
        if (found.isEmpty() || !right) {
            found.ifPresent(p -> p.wrongPassword(clock.instant()));
            throw Problem.unauthorized(REFUSED);
        }
        found.get().rightPassword();
        return person(found.get());
    }

    private Person person(PersonEntity entity) {
        return entity.toPerson(classes.findById(entity.classId()).map(ClassEntity::name).orElse(""));
    }

    /** @throws Problem when there is nobody with this id */
    @Transactional(readOnly = true)
    public Person require(String id) {
        return people.findById(id).map(this::person).orElseThrow(() -> Problem.notFound("There is nobody like that."));
    }

    /** Extra time in quizzes, in percent of the usual time. */
    @Transactional(readOnly = true)
    public int extraTime(String personId) {
        return people.findById(personId).map(PersonEntity::extraTime).orElse(0);
    }

    /** @param percent 0 to 200 */
    @Transactional
    public void allowExtraTime(String personId, int percent) {
        people.findById(personId).orElseThrow(() -> Problem.notFound("There is nobody like that.")).allow(percent);
    }

    @Transactional
    public String addClass(String name) {
        String id = UUID.randomUUID().toString();
        classes.save(new ClassEntity(id, name));
        return id;
    }

    @Transactional
    public Person add(String username, String name, Role role, String password, String classId) {
        PersonEntity entity = new PersonEntity(UUID.randomUUID().toString(), username, name, role, passwords.encode(password), classId);
        people.save(entity);
        return person(entity);
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return people.count() == 0;
    }
}
