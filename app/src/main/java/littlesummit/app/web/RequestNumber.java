package littlesummit.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.HexFormat;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerMapping;

/**
 * Gives every request a number, which stands in the head of the answer, in each line of the log that is written
 * meanwhile, and in the sentence that somebody sees when something goes wrong. Of the request itself the log has the
 * pattern of its address and no more: no answer, no name, no id.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestNumber extends OncePerRequestFilter {
    static final String HEADER = "X-Request-Number";
    private static final String KEY = "request";
    private static final Logger LOG = LoggerFactory.getLogger("littlesummit.requests");
    private static final SecureRandom RANDOM = new SecureRandom();

    /** Of the request that is answered on this thread; empty outside of one. */
    static Optional<String> current() {
        return Optional.ofNullable(MDC.get(KEY));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        byte[] bytes = new byte[4];
        RANDOM.nextBytes(bytes);
        String number = HexFormat.of().formatHex(bytes);
        long from = System.nanoTime();
        MDC.put(KEY, number);
        response.setHeader(HEADER, number);
        try {
            chain.doFilter(request, response);
        } finally {
            LOG.atInfo()
                    .addKeyValue("method", request.getMethod())
                    .addKeyValue("address", pattern(request))
                    .addKeyValue("status", response.getStatus())
                    .addKeyValue(
                            "millis", Duration.ofNanos(System.nanoTime() - from).toMillis())
                    .log("answered");
            MDC.remove(KEY);
        }
    }

    private static String pattern(HttpServletRequest request) {
        return request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE) instanceof String known
                ? known
                : "none of ours";
    }
}
