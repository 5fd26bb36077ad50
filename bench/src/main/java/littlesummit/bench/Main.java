package littlesummit.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.Locale;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs the benchmarks and prints a table; the argument, if any, is the file to write it to. */
public final class Main {
    private Main() {}

    public static void main(String[] args) throws Exception {
        Collection<RunResult> results =
                new Runner(new OptionsBuilder().include("littlesummit").build()).run();
        StringBuilder table = new StringBuilder("| what | median | 99th percentile |\n|---|---|---|\n");
        for (RunResult result : results) {
            var statistics = result.getPrimaryResult().getStatistics();
            table.append(String.format(
                    Locale.ROOT,
                    "| %s | %.1f µs | %.0f µs |%n",
                    result.getPrimaryResult().getLabel(),
                    statistics.getPercentile(50),
                    statistics.getPercentile(99)));
        }
        double ratio = mean(results, "libraryDecidesAnEquality") / mean(results, "gradeAnEquality");
        table.append(String.format(
                Locale.ROOT,
                "%nThe library takes %.0f times as long as the grader for the same equalities, on average.%n",
                ratio));
        table.append(String.format(
                Locale.ROOT,
                "%nA step of the starting check in a course of 300 skills takes %.1f times as long as in one of 28.%n",
                mean(results, "nextOf300Skills") / mean(results, "nextOf28Skills")));
        System.out.println(table);
        if (args.length > 0) {
            Files.writeString(Path.of(args[0]), table);
        }
    }

    private static double mean(Collection<RunResult> results, String label) {
        return results.stream()
                .filter(r -> r.getPrimaryResult().getLabel().equals(label))
                .findFirst()
                .orElseThrow()
                .getPrimaryResult()
                .getScore();
    }
}
