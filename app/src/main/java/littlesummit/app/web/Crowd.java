package littlesummit.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets so many requests work at once and the others wait for a moment, each in its turn. Whoever has waited too long is
 * told so at once, and comes back by itself: a queue without end would be slow for everybody, and would hold on to
 * memory.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class Crowd extends OncePerRequestFilter {
    private static final int FILES_AT_ONCE = 4;
    private final Semaphore room;
    /** A picture or a package on a slow line takes long, and must not hold up those who answer. */
    private final Semaphore files = new Semaphore(FILES_AT_ONCE, true);

    private final Duration patience;

    /**
     * How many are let in.
     *
     * @param atOnce requests that work at the same time
     * @param patience how long one waits for its turn
     */
    Crowd(@Value("${summit.crowd.at-once}") int atOnce, @Value("${summit.crowd.patience}") Duration patience) {
        this.room = new Semaphore(atOnce, true);
        this.patience = patience;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Semaphore place = BodyLimit.isFile(request) ? files : room;
        if (!hasTurn(place)) {
            response.setHeader("Retry-After", "2");
            Problem.busy().write(response);
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            place.release();
        }
    }

    private boolean hasTurn(Semaphore place) {
        try {
            return place.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
