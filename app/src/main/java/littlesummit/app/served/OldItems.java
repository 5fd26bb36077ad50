package littlesummit.app.served;

import littlesummit.app.content.FrozenItems;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.ItemSource;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Once after an update: items that were given out before their content was kept are made once more and kept as they are
 * now.
 */
@Component
class OldItems implements ApplicationRunner {
    private static final int AT_ONCE = 500;
    private final ItemSource catalogue;
    private final ServedItemRepository items;
    private final FrozenItems frozen;
    private final TransactionTemplate transaction;

    OldItems(ServedItemRepository items, FrozenItems frozen, TransactionTemplate transaction, ItemSource catalogue) {
        this.catalogue = catalogue;
        this.items = items;
        this.frozen = frozen;
        this.transaction = transaction;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        while (Boolean.TRUE.equals(transaction.execute(status -> freezeSome()))) {
            // Some at a time, so that a large database does not become one transaction.
        }
    }

    private boolean freezeSome() {
        var old = items.findByContentIdIsNull(Limit.of(AT_ONCE));
        for (ServedItemEntity entity : old) {
            entity.freeze(frozen.freeze(made(entity.ref())));
            entity.freezeExample(frozen.freeze(made(entity.example())));
        }
        return !old.isEmpty();
    }

    /** Whatever version it was of, students have seen it as it is made today: that was the rule then. */
    private Item made(ItemRef ref) {
        return catalogue.like(ref, ref.seed());
    }
}
