package littlesummit.app.exchange.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import littlesummit.app.web.Problem;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.env.MockEnvironment;

/** Sending over HTTP, to a server of the JDK; and the simulated store, by what the specification asks of one. */
class RecordStoreTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private final List<String> bodies = new ArrayList<>();
    private final List<String> heads = new ArrayList<>();
    private HttpServer server;
    private int status = 200;

    @BeforeEach
    void listen() throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/xapi/statements", call -> {
            bodies.add(new String(call.getRequestBody().readAllBytes(), StandardCharsets.UTF_8));
            heads.add(call.getRequestHeaders().getFirst("X-Experience-API-Version") + " "
                    + call.getRequestHeaders().getFirst("Authorization"));
            call.sendResponseHeaders(status, -1);
            call.close();
        });
        server.start();
    }

    @AfterEach
    void close() {
        server.stop(0);
    }

    private RecordStore store() {
        String address = "http://localhost:" + server.getAddress().getPort() + "/xapi/";
        return new RecordStore(address, "hut", "secret", Optional.empty(), new MockEnvironment());
    }

    @Test
    void statementsGoInPiecesOfAHundredWithKeyAndVersion() throws IOException {
        store().send(IntStream.range(0, 250).mapToObj(i -> "{\"n\":" + i + "}").toList());
        assertEquals(3, bodies.size());
        assertEquals(100, JSON.readTree(bodies.getFirst()).size());
        assertEquals(249, JSON.readTree(bodies.getLast()).get(49).get("n").asInt());
        assertEquals("1.0.3 Basic aHV0OnNlY3JldA==", heads.getFirst());
    }

    @Test
    void whatTheStoreDoesNotTakeIsSaid() {
        status = 401;
        Problem refused = assertThrows(Problem.class, () -> store().send(List.of("{}")));
        assertTrue(refused.getMessage().contains("401"), refused.getMessage());
        server.stop(0);
        Problem silent = assertThrows(Problem.class, () -> store().send(List.of("{}")));
        assertTrue(silent.getMessage().contains("cannot be reached"), silent.getMessage());
    }

    @Test
    void whereNoneIsNamedThereIsNone() {
        RecordStore none = new RecordStore(" ", "", "", Optional.empty(), new MockEnvironment());
        assertEquals(Optional.empty(), none.address());
        assertThrows(Problem.class, () -> none.send(List.of("{}")));
    }

    @Test
    void theDemoHasOneOfItsOwnUnlessAnotherIsNamed() {
        MockEnvironment environment = new MockEnvironment().withProperty("local.server.port", "4711");
        Optional<SimulatedStore> simulated = Optional.of(new SimulatedStore(JSON));
        RecordStore own = new RecordStore("", "", "", simulated, environment);
        assertEquals(Optional.of("http://localhost:4711/simulated/record-store"), own.address());
        assertTrue(own.isSimulated());
        assertFalse(new RecordStore("https://records.example", "", "", simulated, environment).isSimulated());
    }

    private static String statement(String id, String verb) {
        return "{\"id\":\"" + id + "\",\"actor\":{\"account\":{\"name\":\"nela\"}},\"verb\":{\"id\":\"" + verb
                + "\"},\"object\":{\"id\":\"o\"}}";
    }

    private static String key(SimulatedStore store) {
        return "Basic "
                + Base64.getEncoder().encodeToString(("valley:" + store.secret()).getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void theSimulatedStoreKeepsAnIdOnce() throws IOException {
        SimulatedStore store = new SimulatedStore(JSON);
        String id = UUID.randomUUID().toString();
        String two =
                "[" + statement(id, "v") + "," + statement(UUID.randomUUID().toString(), "v") + "]";
        assertEquals(id, store.take(key(store), "1.0.3", two).getFirst());
        store.take(key(store), "1.0.3", two);
        assertEquals(2, store.size());
        assertEquals(2, store.statements(key(store), "1.0.3").statements().size());
        assertThrows(Problem.class, () -> store.take(key(store), "1.0.3", statement(id, "other")));
    }

    @Test
    void theSimulatedStoreRefusesWhatIsNoStatementAndWhoHasNoKey() {
        SimulatedStore store = new SimulatedStore(JSON);
        String good = statement(UUID.randomUUID().toString(), "v");
        assertThrows(Problem.class, () -> store.take("Basic eDp5", "1.0.3", good));
        assertThrows(Problem.class, () -> store.take(key(store), "", good));
        assertThrows(Problem.class, () -> store.take(key(store), "1.0.3", statement("7", "v")));
        assertThrows(Problem.class, () -> store.take(key(store), "1.0.3", "[{}]"));
        assertThrows(Problem.class, () -> store.statements("", "1.0.3"));
        assertEquals(0, store.size());
    }
}
