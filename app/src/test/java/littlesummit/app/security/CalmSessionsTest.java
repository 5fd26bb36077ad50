package littlesummit.app.security;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.MapSession;

/** The last use of a session is kept to the minute; everything else about it at once. */
class CalmSessionsTest {
    private static final Instant THEN = Instant.now().truncatedTo(ChronoUnit.SECONDS);

    @SuppressWarnings("unchecked")
    private final FindByIndexNameSessionRepository<MapSession> kept = mock(FindByIndexNameSessionRepository.class);

    private final CalmSessions<MapSession> sessions = new CalmSessions<>(kept);
    private final MapSession session = new MapSession();

    @BeforeEach
    void usedThen() {
        session.setLastAccessedTime(THEN);
        when(kept.findById(session.getId())).thenReturn(session);
    }

    private CalmSessions.Calm<MapSession> found() {
        return sessions.findById(session.getId());
    }

    @Test
    void aUseWithinTheMinuteChangesNothing() {
        found().setLastAccessedTime(THEN.plusSeconds(59));
        assertEquals(THEN, session.getLastAccessedTime());
        assertEquals(THEN, found().getLastAccessedTime());
    }

    @Test
    void aUseAfterAMinuteIsKept() {
        found().setLastAccessedTime(THEN.plusSeconds(60));
        assertEquals(THEN.plusSeconds(60), session.getLastAccessedTime());
    }

    @Test
    void whatIsPutIntoASessionIsKeptAtOnce() {
        CalmSessions.Calm<MapSession> found = found();
        found.setAttribute("who", "Wim");
        found.setAttribute("what", "nothing");
        found.removeAttribute("what");
        found.setMaxInactiveInterval(Duration.ofDays(2));
        sessions.save(found);
        verify(kept).save(session);
        assertEquals("Wim", session.<String>getAttribute("who"));
        assertEquals(session.getAttributeNames(), found.getAttributeNames());
        assertEquals("Wim", found.<String>getAttribute("who"));
        assertEquals(Duration.ofDays(2), session.getMaxInactiveInterval());
        assertEquals(Duration.ofDays(2), found.getMaxInactiveInterval());
    }

    @Test
    void aSessionGetsANewIdWhenSomebodySignsIn() {
        String before = session.getId();
        String after = found().changeSessionId();
        assertEquals(after, session.getId());
        assertEquals(before, session.getOriginalId());
    }

    @Test
    void aSessionThatIsTooOldIsSaidToBe() {
        assertFalse(found().isExpired());
        session.setLastAccessedTime(Instant.EPOCH);
        assertTrue(found().isExpired());
        assertEquals(session.getCreationTime(), found().getCreationTime());
    }

    @Test
    void noneIsFoundThatIsNotThere() {
        assertNull(sessions.findById("none"));
    }

    @Test
    void aNewOneIsMadeWhereTheyAreKept() {
        when(kept.createSession()).thenReturn(session);
        assertEquals(session.getId(), sessions.createSession().getId());
    }

    @Test
    void allOfAPersonAreFoundAndEnded() {
        when(kept.findByIndexNameAndIndexValue(any(), any())).thenReturn(Map.of(session.getId(), session));
        Map<String, CalmSessions.Calm<MapSession>> all = sessions.findByPrincipalName("wim");
        assertEquals(Set.of(session.getId()), all.keySet());
        assertSame(session.getLastAccessedTime(), all.get(session.getId()).getLastAccessedTime());
        sessions.deleteById(session.getId());
        verify(kept).deleteById(session.getId());
    }
}
