package littlesummit.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
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
    private static final Me NOBODY = new Me(false, "", "", "", false);
    private final PeopleService people;
    private final SecurityContextRepository contexts;

    SessionController(PeopleService people, SecurityContextRepository contexts) {
        this.people = people;
        this.contexts = contexts;
    }

    record SignIn(@NotNull(message = "Type your name.") @Size(max = 40, message = "This name is too long.") String username,
            @NotNull(message = "Type your password.") @Size(max = 200, message = "This password is too long.") String password) {}

    /** @param signedIn false for a visitor, who has no name; @param mustChange whether a password is still to be chosen */
    record Me(boolean signedIn, String name, String role, String className, boolean mustChange) {}

    private Me of(Person p) {
        return new Me(true, p.name(), p.role().name(), p.className(), people.mustChange(p.id()));
    }

    @GetMapping
    Me me(@AuthenticationPrincipal Person person) {
        return Optional.ofNullable(person).map(this::of).orElse(NOBODY);
    }

    @PostMapping
    Me signIn(@Valid @RequestBody SignIn request, HttpServletRequest http, HttpServletResponse response) {
        Person person = people.signIn(request.username(), request.password());
        Optional.ofNullable(http.getSession(false)).ifPresent(HttpSession::invalidate);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(person, null,
                List.of(new SimpleGrantedAuthority("ROLE_" + person.role()))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, http, response);
        return of(person);
    }

    @DeleteMapping
    Me signOut(HttpServletRequest http) {
        Optional.ofNullable(http.getSession(false)).ifPresent(HttpSession::invalidate);
        SecurityContextHolder.clearContext();
        return NOBODY;
    }
}
