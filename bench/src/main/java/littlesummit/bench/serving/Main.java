package littlesummit.bench.serving;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.function.Function;

/**
 * Measures the running server and prints tables: how quickly it answers; after {@code load} and a number of minutes how
 * it carries a school for so long; after {@code growth} and a number how it answers with so many attempts in its log.
 * The last argument, if it is no number, is the file to write them to.
 */
public final class Main {
    private Main() {}

    public static void main(String[] args) throws IOException {
        Path data = Files.createTempDirectory("bench");
        long number = args.length > 1 && args[1].matches("\\d+") ? Long.parseLong(args[1]) : 0;
        String tables =
                switch (args.length == 0 ? "" : args[0]) {
                    case "growth" -> Growth.measure(data, number);
                    case "load" -> withServers(data, servers -> Load.measure(servers, Duration.ofMinutes(number)));
                    default -> withServers(data, servers -> Answers.measure(servers) + "\n" + Lists.measure(servers));
                };
        System.out.println(tables);
        if (args.length > (number > 0 ? 2 : 0)) {
            Files.writeString(Path.of(args[args.length - 1]), tables);
        }
    }

    private static String withServers(Path data, Function<Servers, String> measure) {
        try (Servers servers = new Servers(data)) {
            return measure.apply(servers);
        }
    }
}
