package littlesummit.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.people.Person;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * What the class has done in the weeks that are over: checks, assignments, and a quiz in rounds, each student in the
 * order of time.
 */
@Component
@ConditionalOnProperty("summit.demo")
class SixWeeks {
    private static final int MOST_ITEMS = 16;
    private final SimulatedStudent students;
    private final SimulatedCheck checks;
    private final SimulatedQuiz quizzes;
    private final PastClock clock;

    SixWeeks(SimulatedStudent students, SimulatedCheck checks, SimulatedQuiz quizzes, PastClock clock) {
        this.students = students;
        this.checks = checks;
        this.quizzes = quizzes;
        this.clock = clock;
    }

    /** @param place of the student in the class, from 0: not everybody sits down at the same hour */
    void of(Person person, Villager villager, ValleyClass.Set set, int place) {
        if (!villager.knew().isEmpty()) {
            clock.setBack(Duration.ofDays(40).minusHours(place));
            checks.wholeCourse(person, villager.knew());
        }
        for (int week = 0; week < set.weeks().size() && week < villager.weeks(); week++) {
            work(person, villager, set.weeks().get(week), place);
            if (week == 0 && villager == Villager.NELA) {
                clock.setBack(Duration.ofDays(30).minusHours(place));
                checks.shortOne(person, List.of("tile-length"));
            }
        }
        if (villager.weeks() >= 5) {
            clock.setBack(back(set.round(), villager, place));
            quizzes.rounds(person, set.round(), 3, villager.skillfulness());
        }
    }

    private void work(Person person, Villager villager, Assignment week, int place) {
        clock.setBack(back(week, villager, place));
        for (String skill : week.skills()) {
            students.workUntilReached(person, week, skill, MOST_ITEMS, villager.skillfulness());
        }
    }

    /** The day before the date, or the day after it. */
    private Duration back(Assignment week, Villager villager, int place) {
        Instant due = week.due().orElseThrow();
        return Duration.between(due, clock.real()).plusHours(villager.punctual() ? 26 + place : -8 - place);
    }
}
