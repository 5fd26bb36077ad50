package littlesummit.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.working.WorkService;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.PointsScheme;
import littlesummit.core.quiz.QuizPlan;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** The class of the valley school, with work due around the day it is started. All of it is invented. */
@Component
@ConditionalOnProperty("summit.demo")
class DemoData implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final String PASSWORD = "summit";
    private static final List<String> NAMES = List.of("Ansa Holm", "Bero Linden", "Cilla Moss", "Dario Fenn", "Edda Rook", "Falko Steen", "Greta Vane",
            "Hanno Quill", "Isa Marl", "Jory Thane");
    private static final List<String> SKILLS = List.of("scientific-notation", "percent-discount");
    private final PeopleService people;
    private final AssignmentService assignments;
    private final SimulatedStudent students;
    private final SimulatedCheck checks;
    private final WorkService work;
    private final PastClock clock;
    private boolean running;

    DemoData(PeopleService people, AssignmentService assignments, SimulatedStudent students, SimulatedCheck checks, WorkService work, PastClock clock) {
        this.work = work;
        this.checks = checks;
        this.people = people;
        this.assignments = assignments;
        this.students = students;
        this.clock = clock;
    }

    /** Early in the start: the first visitor finds everything in its place. */
    @Override
    public int getPhase() {
        return 0;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public void start() {
        running = true;
        if (!people.isEmpty()) {
            return;
        }
        String classId = people.addClass("Valley school, class of the upper hut");
        Person orla = people.add("orla", "Orla Fennimer", Role.INSTRUCTOR, PASSWORD, classId);
        Assignment current = assignments.add(classId, "Hut stores", SKILLS, new Target.Score(80), Policy.DEFAULT, due(3));
        Assignment ropes = assignments.add(classId, "Rope work", List.of("line-kinds", "congruent-segments", "angle-pairs", "select-shapes"),
                new Target.Run(3, 5), Policy.DEFAULT, due(5));
        Assignment numbers = assignments.add(classId, "Numbers of the valley", List.of("place-value", "compare-whole", "integer-add-subtract", "absolute-value", "prime-factors"),
                new Target.Score(80), Policy.DEFAULT, due(6));
        Assignment tables = assignments.add(classId, "Goat dairy tables", List.of("two-way-read", "two-way-relative", "mean"), new Target.Percent(75, 8),
                Policy.DEFAULT, due(9));
        assignments.add(classId, "Shares and weights", List.of("fraction-picture", "fraction-lowest", "percent-parts", "tile-length", "mass-sense", "mass-problems"),
                new Target.Score(80), Policy.DEFAULT, due(16));
        assignments.add(classId, "Letters and graphs", List.of("exponent-rules", "one-step-multiplication", "both-sides", "solution-count", "circle-center",
                "polynomial-factor", "binomial-expand", "rational-analyse"), new Target.Score(80), Policy.DEFAULT, due(23));
        assignments.add(classId, "Cable way tickets", List.of("percent-discount"), new Target.Score(90), Policy.DEFAULT, due(12));
        Assignment past = assignments.add(classId, "Weather log", List.of("scientific-notation"), new Target.Score(80), Policy.DEFAULT, due(-4));
        Policy shown = new Policy(3, 1, 2, 1, true, true, true, Policy.LineCheck.ALWAYS, Policy.Calculator.AS_ITEM, Policy.Work.REQUIRED);
        Assignment loads = assignments.add(classId, "Loads in balance", List.of("both-sides", "one-step-multiplication"), new Target.Score(80), shown, due(8));
        assignments.add(classId, "Gauge round", List.of("scientific-notation", "percent-discount", "prime-factors", "both-sides", "mean"), new Target.Quiz(100), Policy.DEFAULT,
                Optional.of(QuizPlan.usual(List.of("scientific-notation", "percent-discount", "prime-factors", "both-sides", "mean"), 10, 100)), Optional.empty(), due(4));
        assignments.add(classId, "Signal flags", List.of("absolute-value"), new Target.Run(2, 3), Policy.DEFAULT,
                Optional.of(new QuizPlan(List.of(new QuizPlan.Share("absolute-value", 4)), 10, 3, 75, PointsScheme.DEFAULT, Policy.Calculator.NEVER, false)), Optional.empty(), due(10));
        people.add("wim", "Wim Tarrow", Role.STUDENT, PASSWORD, classId);
        Person middle = people.add("nela", "Nela Brisk", Role.STUDENT, PASSWORD, classId);
        List<Person> others = NAMES.stream().map(name -> people.add(name.split(" ")[0].toLowerCase(java.util.Locale.ROOT), name, Role.STUDENT, PASSWORD, classId)).toList();
        sixWeeks(classId, middle, others);
        clock.setBack(Duration.ofDays(9));
        students.work(middle, past, "scientific-notation", 12, 100);
        clock.setBack(Duration.ofDays(2));
        students.work(middle, ropes, "line-kinds", 3, 80);
        students.work(middle, ropes, "congruent-segments", 4, 60);
        students.work(middle, tables, "two-way-read", 6, 60);
        students.work(middle, numbers, "place-value", 9, 100);
        students.work(middle, numbers, "prime-factors", 9, 100);
        students.work(middle, numbers, "integer-add-subtract", 4, 70);
        clock.setBack(Duration.ofHours(3));
        students.inTheMiddle(middle, current);
        for (int i = 0; i < others.size(); i++) {
            Person person = others.get(i);
            clock.setBack(Duration.ofHours(30 + 5L * i));
            students.work(person, i % 2 == 0 ? current : past, "scientific-notation", 1 + i, 55 + 4 * i);
            if (i % 3 == 0) {
                students.work(person, loads, "both-sides", 1 + i / 3, 75);
            }
            if (i > 4) {
                students.work(person, current, "percent-discount", i - 3, 55 + 4 * i);
            }
        }
        clock.goRight();
        readSome(orla);
        LOG.info("demo data made");
    }

    /** Weeks that are over, for some of the class: what was set, worked, handed in and read. */
    private void sixWeeks(String classId, Person middle, List<Person> others) {
        List<Assignment> over = List.of(past(classId, "Trail signs", -33, "place-value", "compare-whole"), past(classId, "Snow poles", -26, "integer-add-subtract", "absolute-value"),
                past(classId, "Kettle shares", -19, "fraction-lowest", "percent-parts"), past(classId, "Bell codes", -12, "prime-factors", "mean"));
        clock.setBack(Duration.ofDays(40));
        checks.wholeCourse(middle, List.of("place-value", "compare-whole", "absolute-value", "line-kinds"));
        List<Person> some = new ArrayList<>(List.of(middle));
        some.addAll(others.stream().filter(p -> List.of("cilla", "edda", "greta", "jory").contains(p.username())).toList());
        for (int i = 0; i < some.size(); i++) {
            for (Assignment a : over) {
                Duration back = Duration.between(a.due().orElseThrow(), clock.real()).plusHours(20L + 5 * i);
                for (String skill : a.skills()) {
                    clock.setBack(back);
                    students.work(some.get(i), a, skill, 6, i == 3 ? 25 : 70 + 6 * i);
                }
            }
        }
    }

    /** Of the work that waits, a page is read and one sent back. */
    private void readSome(Person orla) {
        List<String> waiting = work.waiting(orla.classId()).stream().map(WorkService.Waiting::itemId).toList();
        work.read(orla, waiting.get(0), 100, "Every step is there.");
        work.sendBack(orla, waiting.get(1), "How did you come from the first line to the second? Show what you did on both sides.");
    }

    private Assignment past(String classId, String title, int days, String... skills) {
        return assignments.add(classId, title, List.of(skills), new Target.Run(3, 5), Policy.DEFAULT, due(days));
    }

    /** The end of a day, counted from today. */
    private Instant due(int days) {
        return clock.real().plus(days, ChronoUnit.DAYS).atZone(ZoneId.systemDefault()).with(LocalTime.of(20, 0)).toInstant();
    }
}
