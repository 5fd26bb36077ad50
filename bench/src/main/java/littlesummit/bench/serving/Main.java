package littlesummit.bench.serving;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Measures the running server and prints tables; the argument, if any, is the file to write them to. */
public final class Main {
    private Main() {}

    public static void main(String[] args) throws IOException {
        try (Servers servers = new Servers(Files.createTempDirectory("bench"))) {
            String tables = Answers.measure(servers) + "\n" + Lists.measure(servers);
            System.out.println(tables);
            if (args.length > 0) {
                Files.writeString(Path.of(args[0]), tables);
            }
        }
    }
}
