package littlesummit.app.people;

import java.util.List;
import java.util.Locale;
import littlesummit.app.web.Problem;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The first account of an empty server. Whoever can read what the server prints at its start makes it; all others are
 * made by instructors.
 */
@Service
class SetUpService {
    private final PeopleService people;
    private final RosterService roster;
    private final SetUpCodeRepository codes;
    private final PasswordEncoder passwords;

    SetUpService(PeopleService people, RosterService roster, SetUpCodeRepository codes, PasswordEncoder passwords) {
        this.people = people;
        this.roster = roster;
        this.codes = codes;
        this.passwords = passwords;
    }

    /** A code that opens an empty server; an older one is void from now on. */
    @Transactional
    String newCode() {
        String code = FirstCode.next();
        codes.save(new SetUpCodeEntity(passwords.encode(code)));
        return code;
    }

    /** @throws Problem when the code is wrong, somebody is here already, or a name or the password will not do */
    @Transactional
    Person setUp(String code, String name, String username, String password, String className) {
        SetUpCodeEntity kept = codes.findById(SetUpCodeEntity.ONLY)
                .filter(c -> people.isEmpty())
                .orElseThrow(() -> Problem.conflict("This server is set up already. Sign in."));
        if (!passwords.matches(code.strip().toLowerCase(Locale.ROOT), kept.codeHash())) {
            throw Problem.unauthorized("This is not the code that the server printed when it started.");
        }
        String asked = username.strip().toLowerCase(Locale.ROOT);
        roster.refusal(name, asked).ifPresent(sentence -> {
            throw Problem.badRequest(sentence);
        });
        GoodPassword.require(password, List.of(asked, name));
        codes.deleteById(SetUpCodeEntity.ONLY);
        return people.add(
                asked, name.strip(), Role.INSTRUCTOR, password, people.addClass(ClassesService.requireName(className)));
    }
}
