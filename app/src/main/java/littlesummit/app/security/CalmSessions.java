package littlesummit.app.security;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;

/**
 * Sessions whose last use is kept to the minute. To the millisecond it would be written with every request, and every
 * request would wait for the disk once more.
 */
final class CalmSessions<S extends Session> implements FindByIndexNameSessionRepository<CalmSessions.Calm<S>> {
    private static final Duration KEPT_TO = Duration.ofMinutes(1);
    private final FindByIndexNameSessionRepository<S> kept;

    CalmSessions(FindByIndexNameSessionRepository<S> kept) {
        this.kept = kept;
    }

    @Override
    public Calm<S> createSession() {
        return new Calm<>(kept.createSession());
    }

    @Override
    public void save(Calm<S> session) {
        kept.save(session.of);
    }

    @Override
    public Calm<S> findById(String id) {
        return Optional.ofNullable(kept.findById(id)).map(Calm::new).orElse(null);
    }

    @Override
    public void deleteById(String id) {
        kept.deleteById(id);
    }

    @Override
    public Map<String, Calm<S>> findByIndexNameAndIndexValue(String name, String value) {
        return kept.findByIndexNameAndIndexValue(name, value).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> new Calm<>(e.getValue())));
    }

    /** A session that does not change because it was used a moment later. */
    static final class Calm<S extends Session> implements Session {
        private final S of;

        private Calm(S of) {
            this.of = of;
        }

        @Override
        public void setLastAccessedTime(Instant now) {
            if (!now.isBefore(of.getLastAccessedTime().plus(KEPT_TO))) {
                of.setLastAccessedTime(now);
            }
        }

        @Override
        public Instant getLastAccessedTime() {
            return of.getLastAccessedTime();
        }

        @Override
        public String getId() {
            return of.getId();
        }

        @Override
        public String changeSessionId() {
            return of.changeSessionId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return of.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return of.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            of.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            of.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return of.getCreationTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            of.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return of.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return of.isExpired();
        }
    }
}
