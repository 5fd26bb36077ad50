package littlesummit.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * The packed application as a process of its own, which can be killed without warning and started again on the same
 * data.
 */
final class Jar implements AutoCloseable {
    private static final Path FILE = Path.of("..", "app", "target", "summit-app-boot.jar");
    private static final Duration START = Duration.ofMinutes(6);
    private final Path data;
    private final int port;
    /** What the last process has printed. */
    private final Path output;

    /** Where the data is, and whether the demo is made there. */
    private final List<String> database;

    private Process process;

    /** With demo data in a folder of its own. */
    Jar(Path data) {
        this(data, List.of("-Dsummit.demo=true"), true);
    }

    /**
     * A node on a database that others may use, too.
     *
     * @param folder for what it prints
     * @param database options that name it
     */
    Jar(Path folder, List<String> database) {
        this(folder, database, false);
    }

    private Jar(Path data, List<String> database, boolean hasOwn) {
        this.data = data;
        this.output = data.resolve("output.txt");
        this.database = database;
        if (hasOwn) {
            DemoTemplate.into(data);
        }
        try (ServerSocket free = new ServerSocket(0)) {
            this.port = free.getLocalPort();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
        start();
    }

    String address() {
        return "http://localhost:" + port;
    }

    void start() {
        process = run("-Dserver.port=" + port, "-Dsummit.checks-per-minute=100000", "-Dsummit.pace.burst=100000");
        Instant until = Instant.now().plus(START);
        while (!answers()) {
            assertTrue(process.isAlive() && Instant.now().isBefore(until), "the server did not start");
            pause();
        }
    }

    private Process run(String... options) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-Dsummit.data=" + data));
        command.addAll(database);
        command.addAll(List.of(options));
        command.addAll(List.of("-jar", FILE.toString()));
        try {
            return new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(output.toFile())
                    .start();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }

    private String said() {
        try {
            return Files.readString(output);
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }

    private static void pause() {
        try {
            Thread.sleep(200);
        } catch (InterruptedException stopping) {
            throw new IllegalStateException(stopping);
        }
    }

    private boolean answers() {
        try (Socket socket = new Socket("localhost", port)) {
            return socket.isConnected();
        } catch (IOException notYet) {
            return false;
        }
    }

    /** SIGKILL: nothing is written that was not written before. */
    void kill() {
        try {
            process.destroyForcibly().waitFor();
        } catch (InterruptedException stopping) {
            throw new IllegalStateException(stopping);
        }
    }

    /** Compares every snapshot with its replayed log, by the command that ships; the server is down meanwhile. */
    void replays() {
        try {
            int code = run("-Dsummit.replay=true", "-Dserver.port=0").waitFor();
            assertEquals(0, code, () -> "a snapshot differs from its log: " + said());
        } catch (InterruptedException stopping) {
            throw new IllegalStateException(stopping);
        }
    }

    @Override
    public void close() {
        kill();
    }
}
