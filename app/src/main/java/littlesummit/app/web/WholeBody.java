package littlesummit.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Reads the body of a request before anything works on it, and stops reading one that takes too long. A body that
 * trickles in would otherwise hold one of the places of {@link Crowd} from which others are served. Files are left
 * to themselves: they have places of their own.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class WholeBody extends OncePerRequestFilter {
    /** What tells the time that has passed, in nanoseconds from anywhere. */
    interface Ticks {
        long now();
    }

    private final Duration patience;
    private final Semaphore readers;
    private final Ticks ticks;

    /**
     * As it is configured.
     *
     * @param patience how long a body may take
     * @param atOnce how many bodies are read at the same time
     */
    @Autowired
    WholeBody(@Value("${summit.body.patience}") Duration patience, @Value("${summit.body.at-once}") int atOnce) {
        this(patience, atOnce, System::nanoTime);
    }

    WholeBody(Duration patience, int atOnce, Ticks ticks) {
        this.patience = patience;
        this.readers = new Semaphore(atOnce);
        this.ticks = ticks;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getContentLengthLong() <= 0 || BodyLimit.isFile(request) || BodyLimit.isTooLarge(request);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!readers.tryAcquire()) {
            response.setHeader("Retry-After", "2");
            Problem.busy().write(response);
            return;
        }
        Optional<byte[]> body;
        try {
            body = read(request);
        } finally {
            readers.release();
        }
        if (body.isPresent()) {
            chain.doFilter(new Read(request, body.get()), response);
        } else {
            response.setHeader("Connection", "close");
            Problem.tooSlow().write(response);
        }
    }

    /** @return nothing when it took too long, or when the container has given up on the next piece */
    private Optional<byte[]> read(HttpServletRequest request) throws IOException {
        long start = ticks.now();
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        byte[] some = new byte[8192];
        try {
            InputStream in = request.getInputStream();
            for (int n = in.read(some); n >= 0; n = in.read(some)) {
                all.write(some, 0, n);
                if (ticks.now() - start > patience.toNanos()) {
                    return Optional.empty();
                }
            }
        } catch (IOException gone) {
            return Optional.empty();
        }
        return Optional.of(all.toByteArray());
    }

    /** The request with a body that is here already. */
    private static final class Read extends HttpServletRequestWrapper {
        private final byte[] body;

        Read(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            return new Stream(new ByteArrayInputStream(body));
        }

        @Override
        public BufferedReader getReader() {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    /** Bytes in memory as the container hands them out. */
    private static final class Stream extends ServletInputStream {
        private final ByteArrayInputStream bytes;

        Stream(ByteArrayInputStream bytes) {
            this.bytes = bytes;
        }

        @Override
        public int read() {
            return bytes.read();
        }

        @Override
        public int read(byte[] target, int from, int length) {
            return bytes.read(target, from, length);
        }

        @Override
        public boolean isFinished() {
            return bytes.available() == 0;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new IllegalStateException("A body in memory is read at once.");
        }
    }
}
