package littlesummit.app.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import littlesummit.app.web.Problem;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What holds for everybody who is signed in, before any feature is asked: whoever came in by a code chooses a password
 * first; and a screen that shows one class changes nothing in another that was opened meanwhile in a second window.
 */
public final class OpenClass extends OncePerRequestFilter {
    /** Id of the class that the screen shows. */
    public static final String HEADER = "X-Class";
    /** Id of the person who made what is sent: in a browser that several share, nothing is sent in another's name. */
    public static final String PERSON = "X-Person";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<Problem> refusal = SignedIn.person().flatMap(person -> refusal(person, request));
        if (refusal.isPresent()) {
            refusal.get().write(response);
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean isElse(String said, String is) {
        return said != null && !said.equals(is);
    }

    private static Optional<Problem> refusal(Person person, HttpServletRequest request) {
        String path = request.getServletPath()
                + Optional.ofNullable(request.getPathInfo()).orElse("");
        if (isElse(request.getHeader(PERSON), person.id())) {
            return Optional.of(Problem.unauthorized("Somebody else is signed in in this browser now."));
        }
        boolean own = path.equals("/api/session") || path.startsWith("/api/account/");
        if (person.mustChange() && path.startsWith("/api/") && !own) {
            return Optional.of(Problem.forbidden("Choose a password of your own first."));
        }
        boolean elsewhere = isElse(request.getHeader(HEADER), person.classId());
        boolean choosing = path.matches("/api/classes(/[^/]+/open)?");
        return elsewhere && !own && !choosing
                ? Optional.of(
                        Problem.conflict("You have opened another class in another window. Load this page again."))
                : Optional.empty();
    }
}
