package littlesummit.bench.serving;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;

/**
 * Measures the running server and prints tables. With a number of minutes: how it carries a school for so long, else
 * how quickly it answers. The last argument, if it is no number, is the file to write them to.
 */
public final class Main {
    private Main() {}

    public static void main(String[] args) throws IOException {
        try (Servers servers = new Servers(Files.createTempDirectory("bench"))) {
            boolean isLoad = args.length > 0 && args[0].matches("\\d+");
            String tables = isLoad
                    ? Load.measure(servers, Duration.ofMinutes(Integer.parseInt(args[0])))
                    : Answers.measure(servers) + "\n" + Lists.measure(servers);
            System.out.println(tables);
            if (args.length > (isLoad ? 1 : 0)) {
                Files.writeString(Path.of(args[args.length - 1]), tables);
            }
        }
    }
}
