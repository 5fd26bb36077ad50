package littlesummit.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.session.FindByIndexNameSessionRepository;
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
    private final FindByIndexNameSessionRepository<?> sessions;

    AccountController(PeopleService people, FindByIndexNameSessionRepository<?> sessions) {
        this.people = people;
        this.sessions = sessions;
    }

    record NewPassword(@NotNull(message = "Type your password of now.") @Size(max = 200, message = "This password is too long.") String old,
            @NotNull(message = "Type a new password.") @Size(max = 200, message = "A password may have at most 200 characters.") String fresh) {}

    /** Also ends every other session. */
    @PostMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@AuthenticationPrincipal Person person, @Valid @RequestBody NewPassword request, HttpServletRequest http) {
        people.changePassword(person, request.old(), request.fresh());
        end(person, Optional.ofNullable(http.getSession(false)).map(HttpSession::getId).orElse(""));
    }

    /** Ends all sessions, this one too. */
    @PostMapping("/sign-out-everywhere")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOutEverywhere(@AuthenticationPrincipal Person person, HttpServletRequest http) {
        end(person, "");
        Optional.ofNullable(http.getSession(false)).ifPresent(HttpSession::invalidate);
    }

    private void end(Person person, String but) {
        sessions.findByPrincipalName(person.username()).keySet().stream().filter(id -> !id.equals(but)).forEach(sessions::deleteById);
    }
}
