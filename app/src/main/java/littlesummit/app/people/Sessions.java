package littlesummit.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.stereotype.Component;

/** Who is signed in where. */
@Component
class Sessions {
    private final SecurityContextRepository contexts;
    private final FindByIndexNameSessionRepository<?> sessions;

    Sessions(SecurityContextRepository contexts, FindByIndexNameSessionRepository<?> sessions) {
        this.contexts = contexts;
        this.sessions = sessions;
    }

    /** A new session for somebody who has just shown who it is. */
    void begin(Person person, HttpServletRequest http, HttpServletResponse response) {
        Optional.ofNullable(http.getSession(false)).ifPresent(HttpSession::invalidate);
        goOnAs(person, http, response);
    }

    /** The same session, with what has changed about the person. */
    void goOnAs(Person person, HttpServletRequest http, HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                person, null, List.of(new SimpleGrantedAuthority("ROLE_" + person.role()))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, http, response);
    }

    void end(HttpServletRequest http) {
        Optional.ofNullable(http.getSession(false)).ifPresent(HttpSession::invalidate);
        SecurityContextHolder.clearContext();
    }

    /** All of a person's. */
    void end(String username) {
        endBut(username, "");
    }

    /** All of a person's but the one of this request. */
    void endOthers(String username, HttpServletRequest http) {
        endBut(
                username,
                Optional.ofNullable(http.getSession(false))
                        .map(HttpSession::getId)
                        .orElse(""));
    }

    private void endBut(String username, String kept) {
        sessions.findByPrincipalName(username).keySet().stream()
                .filter(id -> !id.equals(kept))
                .forEach(sessions::deleteById);
    }
}
