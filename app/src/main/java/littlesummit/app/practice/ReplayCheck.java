package littlesummit.app.practice;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The maintenance command: compares every snapshot with its replayed log and says what it found. */
@Component
@ConditionalOnProperty("summit.replay")
class ReplayCheck implements ApplicationRunner {
    private final PracticeService practice;

    ReplayCheck(PracticeService practice) {
        this.practice = practice;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        long different = practice.differences();
        System.out.println(practice.snapshots() + " snapshots, " + different + " different from their replayed log");
        if (different > 0) {
            throw new IllegalStateException(different + " snapshots differ from their log");
        }
    }
}
