package littlesummit.app.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import littlesummit.app.people.Person;
import littlesummit.app.people.SignedIn;
import littlesummit.app.web.Problem;
import littlesummit.app.web.Rates;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * How many requests one person may send, and how often one address may try to sign in: far more than anybody needs, far
 * less than what would slow the others down.
 */
@Component
class Pace extends OncePerRequestFilter {
    private final Rates people;
    private final Rates doors;

    Pace(
            @Value("${summit.pace.requests-per-second}") int perSecond,
            @Value("${summit.pace.burst}") int burst,
            @Value("${summit.pace.sign-ins-per-minute}") int signIns,
            @Value("${summit.pace.sign-in-burst}") int signInBurst) {
        this.people = new Rates(burst, perSecond, Duration.ofSeconds(1), Clock.systemUTC());
        this.doors = new Rates(signInBurst, signIns, Duration.ofMinutes(1), Clock.systemUTC());
    }

    /** It stands in the chain of Spring Security, which knows who asks, and nowhere else. */
    @Bean
    static FilterRegistrationBean<Pace> onlyInTheChain(Pace pace) {
        FilterRegistrationBean<Pace> registration = new FilterRegistrationBean<>(pace);
        registration.setEnabled(false);
        return registration;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<String> person = SignedIn.person().map(Person::id);
        boolean door = person.isEmpty() && !request.getMethod().equals("GET");
        boolean pass = door ? doors.allows(request.getRemoteAddr()) : person.isEmpty() || people.allows(person.get());
        if (pass) {
            chain.doFilter(request, response);
        } else {
            response.setHeader("Retry-After", "2");
            Problem.tooMany("That was very quick. Wait a moment; nothing is lost.")
                    .write(response);
        }
    }
}
