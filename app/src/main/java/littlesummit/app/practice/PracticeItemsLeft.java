package littlesummit.app.practice;

import littlesummit.app.served.ItemsLeft;
import littlesummit.app.served.ServedItem;
import org.springframework.stereotype.Component;

/** An item of practice is left when it is closed or another one is open. */
@Component
class PracticeItemsLeft implements ItemsLeft {
    private final PracticeLog log;

    PracticeItemsLeft(PracticeLog log) {
        this.log = log;
    }

    @Override
    public boolean isLeft(ServedItem item) {
        return log.find(item)
                .map(log::state)
                .flatMap(state -> state.current())
                .filter(now -> now.isClosed() || !now.itemId().equals(item.id()))
                .isPresent();
    }
}
