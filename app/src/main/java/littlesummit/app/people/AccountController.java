package littlesummit.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own password and sessions. */
@RestController
@RequestMapping("/api/account")
class AccountController {
    private final PeopleService people;
    private final Sessions sessions;

    AccountController(PeopleService people, Sessions sessions) {
        this.people = people;
        this.sessions = sessions;
    }

    /** @param old not looked at for one who came in by a code */
    record NewPassword(
            @NotNull(message = "Type your current password.") @Size(max = 200, message = "This password is too long.")
            String old,

            @NotNull(message = "Type a new password.")
            @Size(max = 200, message = "A password may have at most 200 characters.")
            String fresh) {}

    /** Also ends every other session. */
    @PostMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(
            @AuthenticationPrincipal Person person,
            @Valid @RequestBody NewPassword request,
            HttpServletRequest http,
            HttpServletResponse response) {
        people.changePassword(person, request.old(), request.fresh());
        sessions.endOthers(person.username(), http);
        sessions.goOnAs(people.require(person.id()), http, response);
    }

    /** Ends all sessions, this one too. */
    @PostMapping("/sign-out-everywhere")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOutEverywhere(@AuthenticationPrincipal Person person, HttpServletRequest http) {
        sessions.end(person.username());
        sessions.end(http);
    }
}
