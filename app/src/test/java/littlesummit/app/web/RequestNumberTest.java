package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import org.springframework.http.ProblemDetail;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.servlet.HandlerMapping;

/** What the log says of a request, and what it must never say. */
class RequestNumberTest {
    private final Logger root = (Logger) LoggerFactory.getLogger("littlesummit");
    private final Logger requests = (Logger) LoggerFactory.getLogger("littlesummit.requests");
    private final ListAppender<ILoggingEvent> log = new ListAppender<>();

    @BeforeEach
    void listen() {
        log.start();
        root.addAppender(log);
        requests.setLevel(Level.INFO);
    }

    @AfterEach
    void stop() {
        root.detachAppender(log);
        requests.setLevel(null);
    }

    private static MockHttpServletRequest asked() {
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/api/book/nela-s-item");
        request.setAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE, "/api/book/{itemId}");
        return request;
    }

    private static String words(ILoggingEvent event) {
        String pairs = event.getKeyValuePairs() == null
                ? ""
                : event.getKeyValuePairs().stream()
                        .map(pair -> pair.key + "=" + pair.value)
                        .collect(Collectors.joining(" "));
        return event.getFormattedMessage() + " " + pairs + " " + event.getThrowableProxy();
    }

    @Test
    void everyRequestHasANumberOfItsOwnWhichIsGoneAfterwards() throws Exception {
        AtomicReference<Optional<String>> during = new AtomicReference<>();
        MockHttpServletResponse response = new MockHttpServletResponse();
        new RequestNumber().doFilter(asked(), response, (a, b) -> during.set(RequestNumber.current()));
        String number = response.getHeader(RequestNumber.HEADER);
        assertTrue(number.matches("[0-9a-f]{8}"), number);
        assertEquals(Optional.of(number), during.get());
        assertEquals(Optional.empty(), RequestNumber.current());
        MockHttpServletResponse next = new MockHttpServletResponse();
        new RequestNumber().doFilter(asked(), next, new MockFilterChain());
        assertNotEquals(number, next.getHeader(RequestNumber.HEADER));
    }

    @Test
    void theLineHasThePatternAndNothingOfTheAddress() throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        new RequestNumber().doFilter(asked(), response, (a, b) -> response.setStatus(409));
        ILoggingEvent line = log.list.getFirst();
        assertTrue(words(line).contains("address=/api/book/{itemId}"), words(line));
        assertTrue(words(line).contains("status=409"), words(line));
        assertFalse(words(line).contains("nela"), words(line));
        assertEquals(
                response.getHeader(RequestNumber.HEADER),
                line.getMDCPropertyMap().get("request"));
    }

    @Test
    void theSentenceThatIsSeenHasTheNumberAndTheLogHasNoMessage() throws Exception {
        AtomicReference<ProblemDetail> said = new AtomicReference<>();
        MockHttpServletResponse response = new MockHttpServletResponse();
        IllegalStateException bug =
                new IllegalStateException("cannot grade “my secret answer”", new ArithmeticException("42"));
        new RequestNumber()
                .doFilter(
                        asked(),
                        response,
                        (a, b) -> said.set(new Problems().bug(bug).getBody()));
        assertTrue(
                said.get().getDetail().contains(response.getHeader(RequestNumber.HEADER)),
                said.get().getDetail());
        String all = log.list.stream().map(RequestNumberTest::words).collect(Collectors.joining("\n"));
        assertTrue(all.contains("java.lang.IllegalStateException at littlesummit.app.web.RequestNumberTest."), all);
        assertTrue(all.contains("caused by java.lang.ArithmeticException"), all);
        assertFalse(all.contains("secret") || all.contains("42"), all);
    }

    @Test
    void outsideOfARequestThereIsNoNumberToSay() {
        String detail =
                new Problems().bug(new IllegalStateException("x")).getBody().getDetail();
        assertTrue(detail.endsWith("try again."), detail);
    }

    @Test
    void aFailureThatCausesItselfEnds() {
        IllegalStateException one = new IllegalStateException("a");
        one.initCause(new IllegalStateException("b", one));
        assertEquals(2, Trace.of(one).split("caused by").length);
        assertEquals(List.of(), log.list);
    }
}
