package littlesummit.app.served;

import java.security.SecureRandom;
import java.util.function.LongFunction;
import littlesummit.core.item.Item;
import org.springframework.stereotype.Component;

/** Seeds that cannot be foretold from those that came before. */
@Component
class ChanceDealer implements Dealer {
    private final SecureRandom seeds = new SecureRandom();

    @Override
    public Item deal(LongFunction<Item> maker) {
        return maker.apply(seeds.nextLong());
    }
}
