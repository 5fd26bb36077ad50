package littlesummit.app.security;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Optional;
import littlesummit.app.people.Person;
import littlesummit.app.people.SignedIn;
import littlesummit.app.web.Problem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * How many requests one person may send, and how often one address may try to sign in: far more than anybody needs, far
 * less than what would slow the others down. Counted in this process alone; a second one would let twice as many
 * through, which does no harm.
 */
@Component
class Pace extends OncePerRequestFilter {
    private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(10);
    private static final int MOST_REMEMBERED = 50_000;
    private final LoadingCache<String, Bucket> people;
    private final LoadingCache<String, Bucket> doors;

    Pace(
            @Value("${summit.pace.requests-per-second}") int perSecond,
            @Value("${summit.pace.burst}") int burst,
            @Value("${summit.pace.sign-ins-per-minute}") int signIns,
            @Value("${summit.pace.sign-in-burst}") int signInBurst) {
        this.people = buckets(burst, perSecond, Duration.ofSeconds(1));
        this.doors = buckets(signInBurst, signIns, Duration.ofMinutes(1));
    }

    private static LoadingCache<String, Bucket> buckets(int most, int refill, Duration every) {
        Bandwidth width =
                Bandwidth.builder().capacity(most).refillGreedy(refill, every).build();
        return Caffeine.newBuilder()
                .expireAfterAccess(FORGOTTEN_AFTER)
                .maximumSize(MOST_REMEMBERED)
                .build(who -> Bucket.builder().addLimit(width).build());
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
        boolean pass = door
                ? doors.get(request.getRemoteAddr()).tryConsume(1)
                : person.isEmpty() || people.get(person.get()).tryConsume(1);
        if (pass) {
            chain.doFilter(request, response);
        } else {
            response.setHeader("Retry-After", "2");
            Problem.tooMany("That was very quick. Wait a moment; nothing is lost.")
                    .write(response);
        }
    }
}
