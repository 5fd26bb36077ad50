package littlesummit.app.demo;

import java.time.Duration;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.people.Person;
import littlesummit.app.quiz.PhaseDto;
import littlesummit.app.quiz.QuizService;
import littlesummit.app.quiz.QuizView;
import littlesummit.app.served.ServedItems;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Takes rounds of a quiz and corrects them the way a student would, through the same service as the screen. */
@Component
@ConditionalOnProperty("summit.demo")
class SimulatedQuiz {
    private static final String[] NOTES = {
        "I mixed up the two numbers. Next time I read the question twice before I write.",
        "I was too quick with the sign. I check it on a number line now.",
        "I forgot the last step. First I work it out, then I look at what form is asked."
    };
    private final QuizService quizzes;
    private final ServedItems items;
    private final PastClock clock;
    private final AtomicInteger keys = new AtomicInteger();

    SimulatedQuiz(QuizService quizzes, ServedItems items, PastClock clock) {
        this.quizzes = quizzes;
        this.items = items;
        this.clock = clock;
    }

    private String key() {
        return "demo-quiz-" + keys.getAndIncrement();
    }

    /**
     * @param rounds at most
     * @param skillfulness chance in percent of answering right, which grows with every round
     */
    void rounds(Person person, Assignment quiz, int rounds, int skillfulness) {
        Random chance = new Random(person.username().hashCode());
        PhaseDto phase = PhaseDto.READY;
        for (int number = 1; number <= rounds && phase == PhaseDto.READY; number++) {
            round(person, quiz, skillfulness + 12 * (number - 1), chance);
            phase = correct(person, quiz, number);
        }
    }

    private void round(Person person, Assignment quiz, int skillfulness, Random chance) {
        QuizView.Running running =
                quizzes.start(person, quiz.id(), key()).running().orElseThrow();
        for (QuizView.RunningItem waiting : running.items()) {
            clock.pass(Duration.ofSeconds(60 + chance.nextInt(60)));
            Item item = items.require(person, waiting.item().id()).item();
            boolean right = chance.nextInt(100) < skillfulness;
            quizzes.save(
                    person,
                    quiz.id(),
                    waiting.item().id(),
                    item.parts().stream()
                            .map((Part part) -> SimulatedStudent.entries(part, right, 0))
                            .toList(),
                    Optional.empty(),
                    key());
        }
        quizzes.submit(person, quiz.id(), running.number(), key());
    }

    private PhaseDto correct(Person person, Assignment quiz, int number) {
        QuizView.RoundResult result = quizzes.result(person, quiz.id(), number);
        for (QuizView.ResultItem item : result.items()) {
            if (item.wantsNote()) {
                clock.pass(Duration.ofSeconds(100));
                result = quizzes.correct(
                        person, quiz.id(), number, item.slot(), NOTES[item.slot() % NOTES.length], key());
            }
        }
        return result.phase();
    }
}
