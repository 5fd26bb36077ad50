package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jakarta.servlet.FilterChain;
import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class CrowdTest {
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private final CountDownLatch inside = new CountDownLatch(1);
    private final CountDownLatch done = new CountDownLatch(1);

    @AfterEach
    void stop() {
        done.countDown();
        threads.shutdownNow();
    }

    private static MockHttpServletResponse ask(Crowd crowd, String path, FilterChain work) throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        crowd.doFilter(new MockHttpServletRequest("GET", path), response, work);
        return response;
    }

    /** Takes the only place. */
    private Future<MockHttpServletResponse> busy(Crowd crowd) throws InterruptedException {
        Future<MockHttpServletResponse> first = threads.submit(() -> ask(crowd, "/api/due", (q, r) -> {
            inside.countDown();
            await();
        }));
        assertTrue(inside.await(10, TimeUnit.SECONDS));
        return first;
    }

    private void await() {
        try {
            assertTrue(done.await(30, TimeUnit.SECONDS));
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void whoHasWaitedTooLongIsToldAtOnceAndWhenToComeBack() throws Exception {
        Crowd crowd = new Crowd(1, Duration.ofMillis(20));
        busy(crowd);
        MockHttpServletResponse refused = ask(crowd, "/api/due", (q, r) -> {});
        assertEquals(503, refused.getStatus());
        assertEquals("2", refused.getHeader("Retry-After"));
        assertTrue(refused.getContentAsString().contains("The server is busy."));
    }

    @Test
    void whoWaitsForAMomentGetsATurn() throws Exception {
        Crowd crowd = new Crowd(1, Duration.ofSeconds(20));
        Future<MockHttpServletResponse> first = busy(crowd);
        Future<MockHttpServletResponse> second = threads.submit(() -> ask(crowd, "/api/due", (q, r) -> {}));
        done.countDown();
        assertEquals(200, first.get(10, TimeUnit.SECONDS).getStatus());
        assertEquals(200, second.get(10, TimeUnit.SECONDS).getStatus());
    }

    @Test
    void pagesAndScriptsNeedNoTurn() throws Exception {
        Crowd crowd = new Crowd(1, Duration.ofMillis(20));
        busy(crowd);
        assertEquals(200, ask(crowd, "/assets/index.js", (q, r) -> {}).getStatus());
    }

    @Test
    void picturesOnASlowLineHoldUpNobodyWhoAnswers() throws Exception {
        Crowd crowd = new Crowd(1, Duration.ofMillis(20));
        Future<MockHttpServletResponse> picture = threads.submit(() -> ask(crowd, "/api/items/a/photos", (q, r) -> {
            inside.countDown();
            await();
        }));
        assertTrue(inside.await(10, TimeUnit.SECONDS));
        assertEquals(200, ask(crowd, "/api/due", (q, r) -> {}).getStatus());
        done.countDown();
        assertEquals(200, picture.get(10, TimeUnit.SECONDS).getStatus());
    }

    @Test
    void aFailureGivesThePlaceBack() throws Exception {
        Crowd crowd = new Crowd(1, Duration.ofMillis(20));
        try {
            ask(crowd, "/api/due", (q, r) -> {
                throw new IllegalStateException("broken");
            });
        } catch (IllegalStateException broken) {
            assertEquals("broken", broken.getMessage());
        }
        assertEquals(200, ask(crowd, "/api/due", (q, r) -> {}).getStatus());
    }
}
