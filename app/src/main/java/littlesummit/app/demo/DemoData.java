package littlesummit.app.demo;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import littlesummit.app.people.ClassesService;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.question.QuestionService;
import littlesummit.app.working.WorkService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * The class of the valley school after six weeks, with work due around the day it is started. All of it is invented.
 */
@Component
@ConditionalOnProperty("summit.demo")
class DemoData implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final String PASSWORD = "summit";
    private final PeopleService people;
    private final ClassesService classes;
    private final ValleyClass valley;
    private final SixWeeks weeks;
    private final SimulatedStudent students;
    private final QuestionService questions;
    private final WorkService work;
    private final SimulatedPaper paper;
    private final EveningClass evening;
    private final PastClock clock;
    private boolean running;

    DemoData(
            PeopleService people,
            ClassesService classes,
            ValleyClass valley,
            SixWeeks weeks,
            SimulatedStudent students,
            QuestionService questions,
            WorkService work,
            SimulatedPaper paper,
            EveningClass evening,
            PastClock clock) {
        this.evening = evening;
        this.paper = paper;
        this.people = people;
        this.classes = classes;
        this.valley = valley;
        this.weeks = weeks;
        this.students = students;
        this.questions = questions;
        this.work = work;
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
        if (people.isEmpty()) {
            make();
            clock.goRight();
            LOG.info("demo data made");
        }
    }

    private void make() {
        String classId = people.addClass("Valley school, class of the upper hut");
        Person orla = people.add("orla", "Orla Fennimer", Role.INSTRUCTOR, PASSWORD, classId);
        clock.setBack(Duration.ofDays(42));
        classes.aim(orla, 24, LocalDate.now(ZoneId.systemDefault()).plusDays(100));
        clock.goRight();
        ValleyClass.Set set = valley.of(classId);
        people.add("wim", "Wim Tarrow", Role.STUDENT, PASSWORD, classId);
        Person nela = student(Villager.NELA, classId);
        weeks.of(nela, Villager.NELA, set, 0);
        lastDays(nela, set);
        clock.goRight();
        List<Person> others = Villager.OTHERS.stream()
                .map(villager -> student(villager, classId))
                .toList();
        sideBySide(others, set);
        askAndAnswer(others, set, orla);
        readSome(orla);
        paper.sheet(orla, others.subList(0, 3));
        evening.make(orla, PASSWORD);
    }

    /** As many students at a time as there are processors. */
    private void sideBySide(List<Person> others, ValleyClass.Set set) {
        AtomicInteger done = new AtomicInteger(1);
        say(done.get());
        try (ExecutorService threads =
                Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors())) {
            List<Future<?>> all = new ArrayList<>();
            for (int place = 0; place < others.size(); place++) {
                Person person = others.get(place);
                Villager villager = Villager.OTHERS.get(place);
                int at = place;
                all.add(threads.submit(() -> clock.apart(() -> {
                    Thread.currentThread().setName("demo-" + person.username());
                    weeks.of(person, villager, set, at + 1);
                    lastDays(person, villager, set, at);
                    say(done.incrementAndGet());
                })));
            }
            for (Future<?> one : all) {
                one.get();
            }
        } catch (InterruptedException | ExecutionException failed) {
            throw new IllegalStateException("the demo class could not be made", failed);
        }
    }

    /**
     * Six weeks of a class take a while: whoever has started it sees how far it is.
     *
     * @param done students who have their weeks
     */
    private static void say(int done) {
        System.out.println("Making the demo class: " + done + " of " + (1 + Villager.OTHERS.size())
                + " students have their six weeks");
    }

    private Person student(Villager villager, String classId) {
        return people.add(villager.username(), villager.name(), Role.STUDENT, PASSWORD, classId);
    }

    private void lastDays(Person nela, ValleyClass.Set set) {
        clock.setBack(Duration.ofDays(2));
        students.work(nela, set.ropes(), "line-kinds", 3, 80);
        students.work(nela, set.ropes(), "congruent-segments", 4, 60);
        students.work(nela, set.tables(), "two-way-read", 6, 60);
        students.work(nela, set.numbers(), "place-value", 9, 100);
        students.work(nela, set.numbers(), "prime-factors", 9, 100);
        students.work(nela, set.numbers(), "integer-add-subtract", 4, 70);
        clock.setBack(Duration.ofHours(3));
        students.inTheMiddle(nela, set.stores());
    }

    private void lastDays(Person person, Villager villager, ValleyClass.Set set, int place) {
        clock.setBack(Duration.ofHours(30 + 5L * place));
        students.work(person, set.stores(), "scientific-notation", 1 + place, villager.skillfulness());
        if (place % 3 == 0) {
            students.work(person, set.loads(), "both-sides", 1 + place / 3, 75);
        }
        if (place > 4) {
            students.work(person, set.stores(), "percent-discount", place - 3, villager.skillfulness());
        }
    }

    /** Two who could not get on have asked; one of them has an answer. */
    private void askAndAnswer(List<Person> others, ValleyClass.Set set, Person orla) {
        clock.setBack(Duration.ofHours(20));
        Person greta = others.get(6);
        QuestionService.Question first = questions.ask(
                greta,
                students.stopAt(greta, set.stores(), "percent-discount"),
                "Do I take the percent of the old price or of the new one?",
                "first");
        clock.setBack(Duration.ofHours(16));
        questions.answer(
                orla,
                first.id(),
                "Of the old one: it is the whole, 100 percent. Draw the bar first and write 100 percent at its end.");
        clock.setBack(Duration.ofHours(5));
        Person bero = others.get(1);
        questions.ask(
                bero,
                students.stopAt(bero, set.stores(), "percent-discount"),
                "Why is it not enough to subtract the percent as a number?",
                "second");
        clock.goRight();
    }

    /** Of the work that waits, a page is read and one sent back. */
    private void readSome(Person orla) {
        List<String> waiting = work.waiting(orla.classId()).stream()
                .map(WorkService.Waiting::itemId)
                .toList();
        work.read(orla, waiting.get(0), 100, "Every step is there.");
        work.sendBack(
                orla,
                waiting.get(1),
                "How did you come from the first line to the second? Show what you did on both sides.");
    }
}
