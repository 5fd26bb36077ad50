package littlesummit.app.replay;

import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.quiz.QuizRecord;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The maintenance command: compares every snapshot with its replayed log and says what it found. */
@Component
@ConditionalOnProperty("summit.replay")
class ReplayCheck implements ApplicationRunner {
    private final PracticeRecord practice;
    private final QuizRecord quizzes;

    ReplayCheck(PracticeRecord practice, QuizRecord quizzes) {
        this.practice = practice;
        this.quizzes = quizzes;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        long different = practice.differences() + quizzes.differences();
        System.out.println(practice.snapshots() + quizzes.snapshots() + " snapshots, " + different + " different from their replayed log");
        if (different > 0) {
            throw new IllegalStateException(different + " snapshots differ from their log");
        }
    }
}
