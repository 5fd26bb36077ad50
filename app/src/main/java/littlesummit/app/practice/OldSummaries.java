package littlesummit.app.practice;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Once after an update: a database that is older than the summaries of states gets them. */
@Component
class OldSummaries implements ApplicationRunner {
    private final PracticeLog log;

    OldSummaries(PracticeLog log) {
        this.log = log;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        log.summariseOld();
    }
}
