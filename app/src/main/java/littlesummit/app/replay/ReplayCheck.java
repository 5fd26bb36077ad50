package littlesummit.app.replay;

import java.util.List;
import java.util.stream.Stream;
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
        List<String> different = Stream.of(practice.differences(), quizzes.differences())
                .flatMap(List::stream)
                .toList();
        System.out.println(practice.snapshots() + quizzes.snapshots() + " snapshots, " + different.size()
                + " different from their replayed log");
        different.forEach(System.out::println);
        if (!different.isEmpty()) {
            throw new IllegalStateException(different.size() + " snapshots differ from their log");
        }
        application.close();
    }
}
