package littlesummit.app.replay;

import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.quiz.QuizRecord;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The maintenance command: compares every snapshot with its replayed log and says what it found. */
@Component
@ConditionalOnProperty("summit.replay")
class ReplayCheck {
    private final PracticeRecord practice;
    private final QuizRecord quizzes;
    private final ConfigurableApplicationContext application;

    ReplayCheck(PracticeRecord practice, QuizRecord quizzes, ConfigurableApplicationContext application) {
        this.practice = practice;
        this.quizzes = quizzes;
        this.application = application;
    }

    @EventListener(ApplicationReadyEvent.class)
    void compare() {
        long different = practice.differences() + quizzes.differences();
        System.out.println(practice.snapshots() + quizzes.snapshots() + " snapshots, " + different + " different from their replayed log");
        if (different > 0) {
            throw new IllegalStateException(different + " snapshots differ from their log");
        }
        application.close();
    }
}
