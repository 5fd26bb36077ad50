package littlesummit.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The script that a school runs, in folders as {@code ./summit package} lays them out; for the Java of its own stands
 * the one that runs this.
 */
@Tag("long")
class PackagedTest {
    private static final Duration START = Duration.ofSeconds(180);

    @TempDir
    Path home;

    @BeforeEach
    void unpack() throws IOException {
        Path project = Path.of("..").toAbsolutePath().normalize();
        Files.createDirectories(home.resolve("bin"));
        Files.createDirectories(home.resolve("lib"));
        Files.copy(project.resolve("packaging/little-summit"), home.resolve("bin/little-summit"));
        Files.copy(project.resolve("scripts/upkeep.sh"), home.resolve("lib/upkeep.sh"));
        Files.createSymbolicLink(
                home.resolve("lib/little-summit.jar"), project.resolve("app/target/summit-app-boot.jar"));
        Files.createSymbolicLink(home.resolve("runtime"), Path.of(System.getProperty("java.home")));
    }

    private Process run(Path output, String... words) throws IOException {
        List<String> command = new ArrayList<>(
                List.of("bash", home.resolve("bin/little-summit").toString()));
        command.addAll(List.of(words));
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(output.toFile());
        builder.environment().put("SUMMIT_DATA", home.resolve("data").toString());
        return builder.start();
    }

    private String said(String... words) throws IOException, InterruptedException {
        Path output = Files.createTempFile(home, "said", ".txt");
        run(output, words).waitFor();
        return Files.readString(output);
    }

    private static int freePort() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        }
    }

    private static HttpResponse<String> health(int port) throws InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/health"))
                .build();
        Instant until = Instant.now().plus(START);
        while (true) {
            try {
                return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
            } catch (IOException notYet) {
                assertTrue(Instant.now().isBefore(until), "the server did not start");
                Thread.sleep(300);
            }
        }
    }

    private static void waitFor(String words, Path file) throws IOException, InterruptedException {
        Instant until = Instant.now().plus(START);
        while (!Files.readString(file).contains(words)) {
            assertTrue(Instant.now().isBefore(until), words + " is not in " + Files.readString(file));
            Thread.sleep(300);
        }
    }

    @Test
    void itStartsIsLookedAfterAndWritesALogWithoutNames() throws IOException, InterruptedException {
        int port = freePort();
        Path output = home.resolve("output.txt");
        Path log = home.resolve("summit.log");
        Process server = run(output, "start", "--port", String.valueOf(port), "--log", log.toString());
        try {
            HttpResponse<String> health = health(port);
            assertTrue(health.body().contains("UP"), health.body());
            waitFor("set it up with the code", output);
            String doctor = said("doctor");
            assertTrue(doctor.contains("well   database: 0 accounts"), doctor);
            Path copy = home.resolve("copy.zip");
            assertTrue(said("backup", copy.toString()).contains("opened to see that it is whole"));
            assertTrue(Files.size(copy) > 0);
            assertTrue(said("restore", copy.toString()).contains("Stop it first"), "not while it runs");
            String number = health.headers().firstValue("X-Request-Number").orElseThrow();
            waitFor("\"request\":\"" + number + "\"", log);
        } finally {
            server.destroy();
            server.waitFor();
        }
        assertTrue(said("restore", home.resolve("copy.zip").toString()).contains("Restored."));
    }

    @Test
    void wordsThatItDoesNotKnowAreRefused() throws IOException, InterruptedException {
        Path output = home.resolve("output.txt");
        assertEquals(2, run(output, "begin").waitFor());
        assertTrue(Files.readString(output).contains("Unknown command: begin"));
        assertEquals(1, run(output, "start", "--speed", "9").waitFor());
        assertTrue(Files.readString(output).contains("Unknown option: --speed"));
        assertTrue(said("doctor").contains("There is nothing in"), "no data yet");
    }
}
