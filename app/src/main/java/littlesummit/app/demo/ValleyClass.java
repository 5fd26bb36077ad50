package littlesummit.app.demo;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.PointsScheme;
import littlesummit.core.quiz.QuizPlan;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** What is set for the class of the valley school, around the day on which the demo is started. */
@Component
@ConditionalOnProperty("summit.demo")
class ValleyClass {
    private static final List<String> GAUGE =
            List.of("scientific-notation", "percent-discount", "prime-factors", "both-sides", "mean");
    private final AssignmentService assignments;
    private final PastClock clock;

    ValleyClass(AssignmentService assignments, PastClock clock) {
        this.assignments = assignments;
        this.clock = clock;
    }

    /**
     * @param weeks that are over, in the order of their dates
     * @param round a quiz of those weeks
     */
    record Set(
            List<Assignment> weeks,
            Assignment round,
            Assignment stores,
            Assignment ropes,
            Assignment numbers,
            Assignment tables,
            Assignment loads) {}

    Set of(String classId) {
        Set set = new Set(
                List.of(
                        run(classId, "Trail signs", -33, "place-value", "compare-whole"),
                        run(classId, "Snow poles", -26, "integer-add-subtract", "absolute-value"),
                        run(classId, "Kettle shares", -19, "fraction-lowest", "percent-parts"),
                        run(classId, "Bell codes", -12, "prime-factors", "mean"),
                        score(classId, "Weather log", 80, -4, "scientific-notation")),
                quiz(
                        classId,
                        "Round of the poles",
                        List.of("compare-whole", "integer-add-subtract", "absolute-value"),
                        6,
                        -9),
                score(classId, "Hut stores", 80, 3, "scientific-notation", "percent-discount"),
                run(classId, "Rope work", 5, "line-kinds", "congruent-segments", "angle-pairs", "select-shapes"),
                score(
                        classId,
                        "Numbers of the valley",
                        80,
                        6,
                        "place-value",
                        "compare-whole",
                        "integer-add-subtract",
                        "absolute-value",
                        "prime-factors"),
                assignments.add(
                        classId,
                        "Goat dairy tables",
                        List.of("two-way-read", "two-way-relative", "mean"),
                        new Target.Percent(75, 8),
                        Policy.DEFAULT,
                        due(9)),
                assignments.add(
                        classId,
                        "Loads in balance",
                        List.of("both-sides", "one-step-multiplication"),
                        new Target.Score(80),
                        shown(),
                        due(8)));
        score(
                classId,
                "Shares and weights",
                80,
                16,
                "fraction-picture",
                "fraction-lowest",
                "percent-parts",
                "tile-length",
                "mass-sense",
                "mass-problems");
        score(
                classId,
                "Letters and graphs",
                80,
                23,
                "exponent-rules",
                "one-step-multiplication",
                "both-sides",
                "solution-count",
                "circle-center",
                "polynomial-factor",
                "binomial-expand",
                "rational-analyse");
        score(classId, "Cable way tickets", 90, 12, "percent-discount");
        quiz(classId, "Gauge round", GAUGE, 10, 4);
        assignments.add(
                classId,
                "Signal flags",
                List.of("absolute-value"),
                new Target.Run(2, 3),
                Policy.DEFAULT,
                Optional.of(new QuizPlan(
                        List.of(new QuizPlan.Share("absolute-value", 4)),
                        10,
                        3,
                        75,
                        PointsScheme.DEFAULT,
                        Policy.Calculator.NEVER,
                        false)),
                Optional.empty(),
                due(10));
        assignments.add(
                classId,
                "Balloon heights",
                List.of("exponent-rules", "scientific-notation"),
                new Target.Score(80),
                Policy.DEFAULT,
                Optional.empty(),
                Optional.of(due(14)),
                due(30));
        return set;
    }

    private Assignment run(String classId, String title, int days, String... skills) {
        return assignments.add(classId, title, List.of(skills), new Target.Run(3, 5), Policy.DEFAULT, due(days));
    }

    private Assignment score(String classId, String title, int score, int days, String... skills) {
        return assignments.add(classId, title, List.of(skills), new Target.Score(score), Policy.DEFAULT, due(days));
    }

    private Assignment quiz(String classId, String title, List<String> skills, int items, int days) {
        return assignments.add(
                classId,
                title,
                skills,
                new Target.Quiz(100),
                Policy.DEFAULT,
                Optional.of(QuizPlan.usual(skills, items, 100)),
                Optional.empty(),
                due(days));
    }

    /** Work has to be shown. */
    private static Policy shown() {
        return new Policy(
                3, 1, 2, 1, true, true, true, Policy.LineCheck.ALWAYS, Policy.Calculator.AS_ITEM, Policy.Work.REQUIRED);
    }

    /** The end of a day, counted from today. */
    private Instant due(int days) {
        return clock.real()
                .plus(days, ChronoUnit.DAYS)
                .atZone(ZoneId.systemDefault())
                .with(LocalTime.of(20, 0))
                .toInstant();
    }
}
