package littlesummit.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Makes the first account, and signs it in. */
@RestController
class SetUpController {
    private final SetUpService setUp;
    private final Sessions sessions;

    SetUpController(SetUpService setUp, Sessions sessions) {
        this.setUp = setUp;
        this.sessions = sessions;
    }

    record FirstAccount(
            @NotNull(message = "The code is missing.") @Size(max = 40, message = "This code is too long.")
            String code,

            @NotNull(message = "The name is missing.") @Size(max = 100, message = "This name is too long.")
            String name,

            @NotNull(message = "The sign-in name is missing.")
            @Size(max = 40, message = "This sign-in name is too long.")
            String username,

            @NotNull(message = "The password is missing.")
            @Size(max = 200, message = "A password may have at most 200 characters.")
            String password,

            @NotNull(message = "The name of the class is missing.") @Size(max = 100, message = "This name is too long.")
            String className) {}

    @PostMapping("/api/set-up")
    SessionController.Me make(
            @Valid @RequestBody FirstAccount request, HttpServletRequest http, HttpServletResponse response) {
        Person first = setUp.setUp(
                request.code(), request.name(), request.username(), request.password(), request.className());
        sessions.begin(first, http, response);
        return SessionController.Me.of(first);
    }
}
