package littlesummit.cli;

import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;

/** Entry of the command line: one word says what to do, the rest are its options. */
public final class Main {
    private Main() {}

    public static void main(String[] args) throws IOException {
        List<String> options = Arrays.asList(args).subList(Math.min(1, args.length), args.length);
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        BufferedWriter out = new BufferedWriter(new OutputStreamWriter(System.out, StandardCharsets.UTF_8));
        int code = run(args.length == 0 ? "" : args[0], options, in, out);
        out.flush();
        System.exit(code);
    }

    private static int run(String command, List<String> options, BufferedReader in, BufferedWriter out)
            throws IOException {
        return switch (command) {
            case "grade" -> JsonLines.each(in, out, GradeCommand::answer);
            case "check-work" -> JsonLines.each(in, out, CheckWorkCommand::answer);
            case "items" -> ItemsCommand.run(options, out);
            case "prove" -> ProveCommand.run(options, out);
            case "simulate" -> SimulateCommand.run(options, out);
            default -> {
                System.err.println("unknown command: " + command);
                yield 2;
            }
        };
    }
}
