package littlesummit.bench.start;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * How long it takes from the command to the first answer: the jar as it was built, and the same one unpacked and with
 * an archive of its classes, as {@code ./summit start} starts it. In turn, each with a new database.
 *
 * <p>Arguments: the jar, the directory of the unpacked one, and if wanted the file to write the table to.
 */
public final class Main {
    private static final int ROUNDS = 5;
    private static final Duration PATIENCE = Duration.ofMinutes(2);
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private Main() {}

    public static void main(String[] args) throws IOException {
        Path home = Path.of(args[1]);
        List<String> plain = List.of("-Xmx1g", "-jar", args[0]);
        List<String> ours = List.of(
                "-Xmx1g",
                "-XX:SharedArchiveFile=" + home.resolve("app.jsa"),
                "-Xshare:auto",
                "-Xlog:disable",
                "-Xlog:all=off",
                "-jar",
                home.resolve("summit-app-boot.jar").toString());
        List<Double> plainSeconds = new ArrayList<>();
        List<Double> ourSeconds = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            plainSeconds.add(seconds(plain));
            ourSeconds.add(seconds(ours));
        }
        double before = median(plainSeconds);
        double after = median(ourSeconds);
        String table = String.format(
                Locale.ROOT,
                "| from the command to the first answer | median of %d |%n|---|---|%n| the jar as it was built | %.1f"
                        + " s |%n| as `./summit start` starts it | %.1f s |%n%nIt takes %.2f of the time.%n",
                ROUNDS,
                before,
                after,
                after / before);
        System.out.println(table);
        if (args.length > 2) {
            Files.writeString(Path.of(args[2]), table);
        }
    }

    private static double median(List<Double> seconds) {
        return seconds.stream().sorted().toList().get(seconds.size() / 2);
    }

    private static double seconds(List<String> options) throws IOException {
        Path data = Files.createTempDirectory("start");
        int port = freePort();
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
        command.addAll(List.of("-Dsummit.data=" + data, "-Dserver.port=" + port));
        command.addAll(options);
        long begin = System.nanoTime();
        Process server = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        try {
            while (!answers(port)) {
                if (!server.isAlive() || System.nanoTime() - begin > PATIENCE.toNanos()) {
                    throw new IllegalStateException("It did not start: " + command);
                }
            }
            return (System.nanoTime() - begin) / 1e9;
        } finally {
            stop(server);
            remove(data);
        }
    }

    private static boolean answers(int port) {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/health"))
                .build();
        try {
            Thread.sleep(10);
            return HTTP.send(request, HttpResponse.BodyHandlers.discarding()).statusCode() == 200;
        } catch (IOException notYet) {
            return false;
        } catch (InterruptedException ended) {
            throw new IllegalStateException(ended);
        }
    }

    private static void stop(Process server) {
        server.destroy();
        try {
            server.waitFor();
        } catch (InterruptedException ended) {
            throw new IllegalStateException(ended);
        }
    }

    private static void remove(Path data) {
        try (Stream<Path> files = Files.walk(data)) {
            files.sorted((a, b) -> b.compareTo(a)).forEach(file -> file.toFile().delete());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
