package littlesummit.cli;

import java.io.BufferedWriter;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import littlesummit.content.Catalogue;
import littlesummit.content.Curricula;
import littlesummit.core.curriculum.Curriculum;
import littlesummit.core.placement.Evidence;
import littlesummit.core.placement.SkillOrder;
import littlesummit.core.practice.Learner;
import littlesummit.core.practice.Simulation;
import littlesummit.core.practice.Target;

/** Simulated learners through every target rule; prints a table in Markdown. */
final class SimulateCommand {
    private static final List<Target> TARGETS = List.of(
            new Target.Score(80),
            new Target.Score(90),
            new Target.Score(100),
            new Target.Run(3, 5),
            new Target.Percent(75, 10));
    private static final List<String> OPTIONS =
            List.of("students", "initial", "learn", "slip", "guess", "seed", "course");

    private SimulateCommand() {}

    static int run(List<String> options, BufferedWriter out) throws IOException {
        try {
            if (options.contains("--check")) {
                return check(
                        named(options.stream().filter(o -> !o.equals("--check")).toList()), out);
            }
            Map<String, String> named = named(options);
            Learner learner = new Learner(
                    chance(named, "initial", "0.2"),
                    chance(named, "learn", "0.15"),
                    chance(named, "slip", "0.1"),
                    chance(named, "guess", "0.1"));
            int students = Integer.parseInt(named.getOrDefault("students", "2000"));
            if (students < 1 || students > 1_000_000) {
                throw new IllegalArgumentException("--students must be 1 to 1000000");
            }
            print(learner, students, Long.parseLong(named.getOrDefault("seed", "1")), out);
            return 0;
        } catch (IllegalArgumentException bad) {
            System.err.println("simulate: " + bad.getMessage());
            System.err.println("usage: simulate --check [--students N] [--seed S] [--course ID], or");
            System.err.println(
                    "       simulate [--students N] [--initial P] [--learn P] [--slip P] [--guess P] [--seed S]");
            return 2;
        }
    }

    /** Students through the starting-point check, and through two plainer ways of asking. */
    private static int check(Map<String, String> named, BufferedWriter out) throws IOException {
        int students = Integer.parseInt(named.getOrDefault("students", "100"));
        out.write(String.format(
                Locale.ROOT,
                "%d students a row, slip %.2f, guess 0.03%n%n| way of asking | items, mean | skills classified rightly"
                        + " |%n|---|---|---|%n",
                students,
                Evidence.SLIP));
        Curriculum courses = Curricula.shipped(new Catalogue());
        String course = named.getOrDefault("course", courses.first().id());
        SkillOrder order = SkillOrder.of(courses.find(course)
                .orElseThrow(() -> new IllegalArgumentException("There is no course called " + course + ".")));
        for (var way : littlesummit.core.placement.Simulation.Way.values()) {
            var report = littlesummit.core.placement.Simulation.run(
                    order, way, students, Long.parseLong(named.getOrDefault("seed", "1")));
            out.write(String.format(
                    Locale.ROOT,
                    "| %s | %.1f | %.1f %% |%n",
                    way.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                    report.items(),
                    100 * report.rightly()));
        }
        return 0;
    }

    private static Map<String, String> named(List<String> options) {
        Map<String, String> named = new HashMap<>();
        for (int i = 0; i < options.size(); i += 2) {
            String name = options.get(i).replaceFirst("^--", "");
            if (!OPTIONS.contains(name) || i + 1 == options.size()) {
                throw new IllegalArgumentException("cannot use " + options.get(i));
            }
            named.put(name, options.get(i + 1));
        }
        return named;
    }

    private static double chance(Map<String, String> named, String name, String standard) {
        return Double.parseDouble(named.getOrDefault(name, standard));
    }

    private static void print(Learner l, int students, long seed, BufferedWriter out) throws IOException {
        out.write(String.format(
                Locale.ROOT,
                "%d learners a row; initial %.2f, learn %.2f, slip %.2f, guess %.2f%n%n",
                students,
                l.initial(),
                l.learn(),
                l.slip(),
                l.guess()));
        out.write("| target | items, mean | items, median | not reached | stop without knowing | held back with knowing"
                + " |\n"
                + "|---|---|---|---|---|---|\n");
        for (Target target : TARGETS) {
            Simulation.Outcomes o = Simulation.run(target, l, students, seed);
            out.write(String.format(
                    Locale.ROOT,
                    "| `%s` | %.1f | %d | %.1f %% | %.1f %% | %.1f %% |%n",
                    target.code(),
                    o.mean(),
                    o.median(),
                    100 * o.unreached(),
                    100 * o.withoutKnowing(),
                    100 * o.heldBack()));
        }
    }
}
