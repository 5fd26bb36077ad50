package littlesummit.e2e;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ConnectException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * A proxy in front of several nodes that sends each request to the next one, so that hardly two requests of a visitor
 * in a row meet the same node. One that does not answer at all is passed over; one that breaks off does so here, too.
 */
final class RoundRobin implements AutoCloseable {
    /** Of one connection, not of what goes through it. */
    private static final Set<String> OF_A_HOP =
            Set.of("connection", "content-length", "host", "transfer-encoding", "upgrade", "http2-settings", "expect");

    private final List<String> nodes;
    private final AtomicInteger turn = new AtomicInteger();
    private final AtomicInteger[] answered;
    private final HttpClient http = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
    private final HttpServer server;

    /** @param nodes their addresses */
    RoundRobin(String... nodes) {
        this.nodes = List.of(nodes);
        this.answered = this.nodes.stream().map(node -> new AtomicInteger()).toArray(AtomicInteger[]::new);
        try {
            server = HttpServer.create(new InetSocketAddress("localhost", 0), 0);
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
        server.createContext("/", this::pass);
        server.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
        server.start();
    }

    String address() {
        return "http://localhost:" + server.getAddress().getPort();
    }

    /** How many requests a node has answered. */
    int answered(int node) {
        return answered[node].get();
    }

    private void pass(HttpExchange visit) throws IOException {
        try (visit) {
            byte[] body = visit.getRequestBody().readAllBytes();
            int first = turn.getAndIncrement();
            for (int i = 0; i < nodes.size(); i++) {
                int node = Math.floorMod(first + i, nodes.size());
                try {
                    answer(
                            visit,
                            http.send(request(visit, nodes.get(node), body), HttpResponse.BodyHandlers.ofByteArray()));
                    answered[node].incrementAndGet();
                    return;
                } catch (ConnectException down) {
                    // The next one.
                } catch (InterruptedException stopping) {
                    Thread.currentThread().interrupt();
                    return;
                }
            }
        }
    }

    private static HttpRequest request(HttpExchange visit, String node, byte[] body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(node + visit.getRequestURI()))
                .method(visit.getRequestMethod(), HttpRequest.BodyPublishers.ofByteArray(body));
        visit.getRequestHeaders().forEach((name, values) -> {
            if (!OF_A_HOP.contains(name.toLowerCase(Locale.ROOT))) {
                values.forEach(value -> request.header(name, value));
            }
        });
        return request.build();
    }

    private static void answer(HttpExchange visit, HttpResponse<byte[]> answer) throws IOException {
        answer.headers().map().forEach((name, values) -> {
            if (!OF_A_HOP.contains(name.toLowerCase(Locale.ROOT))) {
                visit.getResponseHeaders().put(name, values);
            }
        });
        byte[] body = answer.body();
        visit.sendResponseHeaders(answer.statusCode(), body.length == 0 ? -1 : body.length);
        if (body.length > 0) {
            visit.getResponseBody().write(body);
        }
    }

    @Override
    public void close() {
        server.stop(0);
        http.close();
    }
}
