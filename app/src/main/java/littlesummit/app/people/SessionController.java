package littlesummit.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {
    private final PeopleService people;
    private final Sessions sessions;

    SessionController(PeopleService people, Sessions sessions) {
        this.people = people;
        this.sessions = sessions;
    }

    record SignIn(
            @NotNull(message = "Type your name.") @Size(max = 40, message = "This name is too long.")
            String username,

            @NotNull(message = "Type your password.") @Size(max = 200, message = "This password is too long.")
            String password) {}

    /**
     * @param signedIn false for a visitor, who has no name
     * @param mustChange whether a password is still to be chosen
     * @param setUp whether nobody has an account yet, so that the first one is to be made
     */
    record Me(
            boolean signedIn,
            String id,
            String name,
            String role,
            String classId,
            String className,
            boolean mustChange,
            boolean setUp) {
        static Me of(Person p) {
            return new Me(true, p.id(), p.name(), p.role().name(), p.classId(), p.className(), p.mustChange(), false);
        }
    }

    private Me nobody() {
        return new Me(false, "", "", "", "", "", false, people.isEmpty());
    }

    @GetMapping
    Me me(@AuthenticationPrincipal Person person) {
        return Optional.ofNullable(person).map(Me::of).orElseGet(this::nobody);
    }

    @PostMapping
    Me signIn(@Valid @RequestBody SignIn request, HttpServletRequest http, HttpServletResponse response) {
        BrowserToken browser = BrowserToken.of(http).orElseGet(BrowserToken::fresh);
        Person person = people.signIn(request.username(), request.password(), Optional.of(browser));
        browser.send(http, response);
        sessions.begin(person, http, response);
        return Me.of(person);
    }

    @DeleteMapping
    Me signOut(HttpServletRequest http) {
        sessions.end(http);
        return nobody();
    }
}
