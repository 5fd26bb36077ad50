package littlesummit.app.exchange.store;

import java.net.http.HttpClient;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import littlesummit.app.web.Problem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.env.Environment;
import org.springframework.http.MediaType;
import org.springframework.http.client.JdkClientHttpRequestFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.client.HttpStatusCodeException;
import org.springframework.web.client.ResourceAccessException;
import org.springframework.web.client.RestClient;

/**
 * The record store that statements are sent to. Whoever runs the server names it ({@code summit.record-store}), so that
 * no one else can make the server call an address; in the demo it is the simulated one.
 */
@Component
class RecordStore {
    private static final Duration PATIENCE = Duration.ofSeconds(10);
    private static final int AT_ONCE = 100;

    private final String named;
    private final String key;
    private final String secret;
    private final Optional<SimulatedStore> simulated;
    private final Environment environment;
    private final RestClient client;

    RecordStore(
            @Value("${summit.record-store.address}") String named,
            @Value("${summit.record-store.key}") String key,
            @Value("${summit.record-store.secret}") String secret,
            Optional<SimulatedStore> simulated,
            Environment environment) {
        this.named = named.strip().replaceAll("/+$", "");
        this.key = key;
        this.secret = secret;
        this.simulated = simulated;
        this.environment = environment;
        JdkClientHttpRequestFactory calls = new JdkClientHttpRequestFactory(HttpClient.newBuilder()
                .connectTimeout(PATIENCE)
                .followRedirects(HttpClient.Redirect.NEVER)
                .build());
        calls.setReadTimeout(PATIENCE);
        this.client = RestClient.builder().requestFactory(calls).build();
    }

    /** Empty where none is named. */
    Optional<String> address() {
        return named.isEmpty() ? simulated.map(s -> ownAddress()) : Optional.of(named);
    }

    private String ownAddress() {
        return "http://localhost:" + environment.getProperty("local.server.port", "8080") + SimulatedStore.PATH;
    }

    boolean isSimulated() {
        return named.isEmpty() && simulated.isPresent();
    }

    /** How many statements the simulated one holds; 0 for any other. */
    int held() {
        return simulated.map(SimulatedStore::size).orElse(0);
    }

    /** @param statements as JSON; those that the store has already are not kept twice */
    void send(List<String> statements) {
        String to = address().orElseThrow(() -> Problem.conflict("This server has no record store to send to."))
                + "/statements";
        for (int from = 0; from < statements.size(); from += AT_ONCE) {
            sendSome(to, statements.subList(from, Math.min(from + AT_ONCE, statements.size())));
        }
    }

    private void sendSome(String to, List<String> statements) {
        try {
            client.post()
                    .uri(to)
                    .headers(head -> {
                        head.setBasicAuth(
                                isSimulated() ? SimulatedStore.KEY : key,
                                isSimulated() ? simulated.orElseThrow().secret() : secret);
                        head.set("X-Experience-API-Version", "1.0.3");
                    })
                    .contentType(MediaType.APPLICATION_JSON)
                    .body(statements.stream().collect(Collectors.joining(",", "[", "]")))
                    .retrieve()
                    .toBodilessEntity();
        } catch (HttpStatusCodeException refused) {
            throw Problem.badGateway("The record store refused the statements (status "
                    + refused.getStatusCode().value() + "). Those that it took before stay there.");
        } catch (ResourceAccessException silent) {
            throw Problem.badGateway(
                    "The record store cannot be reached. Send again later: nothing is kept there twice.");
        }
    }
}
