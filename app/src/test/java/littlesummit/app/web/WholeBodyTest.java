package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class WholeBodyTest {
    private static final Duration PATIENCE = Duration.ofSeconds(10);
    private final AtomicLong nanos = new AtomicLong();

    private WholeBody filter(int atOnce) {
        return new WholeBody(PATIENCE, atOnce, nanos::get);
    }

    /** A body of which one byte comes after each pause. */
    private MockHttpServletRequest trickling(String body, Duration pause) {
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/api/due") {
            @Override
            public ServletInputStream getInputStream() {
                return new Drops(body, pause);
            }
        };
        request.setContent(body.getBytes(StandardCharsets.UTF_8));
        return request;
    }

    private final class Drops extends ServletInputStream {
        private final byte[] all;
        private final Duration pause;
        private int at;

        Drops(String body, Duration pause) {
            this.all = body.getBytes(StandardCharsets.UTF_8);
            this.pause = pause;
        }

        @Override
        public int read() throws IOException {
            if (pause.isNegative()) {
                throw new SocketTimeoutException("no byte came");
            }
            nanos.addAndGet(pause.toNanos());
            return at < all.length ? all[at++] & 0xff : -1;
        }

        @Override
        public int read(byte[] target, int from, int length) throws IOException {
            int one = read();
            if (one < 0) {
                return -1;
            }
            target[from] = (byte) one;
            return 1;
        }

        @Override
        public boolean isFinished() {
            return at == all.length;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new IllegalStateException();
        }
    }

    @Test
    void whatCameInTimeIsHandedOnWhole() throws Exception {
        AtomicReference<String> seen = new AtomicReference<>("");
        MockHttpServletResponse response = new MockHttpServletResponse();
        filter(1).doFilter(trickling("{\"a\":\"ä\"}", Duration.ofMillis(10)), response, (q, r) -> {
            seen.set(((HttpServletRequest) q).getReader().readLine());
            assertTrue(q.getInputStream().isReady());
            assertEquals('{', q.getInputStream().read());
        });
        assertEquals("{\"a\":\"ä\"}", seen.get());
        assertEquals(200, response.getStatus());
    }

    @Test
    void whatTricklesIsCutOffAndNothingWorksOnIt() throws Exception {
        AtomicBoolean worked = new AtomicBoolean();
        MockHttpServletResponse response = new MockHttpServletResponse();
        MockHttpServletRequest slow = trickling("x".repeat(100), Duration.ofSeconds(4));
        filter(1).doFilter(slow, response, (q, r) -> worked.set(true));
        assertFalse(worked.get());
        assertEquals(408, response.getStatus());
        assertEquals("close", response.getHeader("Connection"));
        assertTrue(nanos.get() < PATIENCE.plusSeconds(5).toNanos(), "read for " + nanos.get());
    }

    @Test
    void whatNeverComesIsCutOffByTheContainer() throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        filter(1).doFilter(trickling("x", Duration.ofSeconds(-1)), response, (q, r) -> {});
        assertEquals(408, response.getStatus());
    }

    @Test
    void moreThanCanBeReadAtOnceComeBackLaterAndAFailureGivesThePlaceBack() throws Exception {
        WholeBody none = filter(0);
        MockHttpServletResponse refused = new MockHttpServletResponse();
        none.doFilter(trickling("x", Duration.ZERO), refused, (q, r) -> {});
        assertEquals(503, refused.getStatus());
        assertEquals("2", refused.getHeader("Retry-After"));

        WholeBody one = filter(1);
        for (int i = 0; i < 3; i++) {
            one.doFilter(trickling("x", Duration.ofSeconds(-1)), new MockHttpServletResponse(), (q, r) -> {});
        }
        MockHttpServletResponse after = new MockHttpServletResponse();
        one.doFilter(trickling("x", Duration.ZERO), after, (q, r) -> {});
        assertEquals(200, after.getStatus());
    }

    @Test
    void filesAndRequestsWithoutABodyAreNotRead() throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        filter(0).doFilter(new MockHttpServletRequest("GET", "/api/due"), response, (q, r) -> {});
        assertEquals(200, response.getStatus());
        for (String address : List.of("/api/items/a/photos", "/api/exchange/oneroster/plan")) {
            MockHttpServletRequest file = new MockHttpServletRequest("POST", address);
            file.setContent(new byte[10]);
            filter(0).doFilter(file, response, (q, r) -> {});
            assertEquals(200, response.getStatus(), address);
        }
    }
}
