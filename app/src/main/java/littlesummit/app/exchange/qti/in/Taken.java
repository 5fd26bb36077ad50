package littlesummit.app.exchange.qti.in;

import java.util.List;
import littlesummit.core.item.Item;

/** What was taken of one item of a file. */
sealed interface Taken permits Taken.Whole, TakenItem {
    /** As it stands in the file. */
    String title();

    /** How many places to answer are taken over. */
    int places();

    /** How many hints come with it. */
    int helps();

    /** What could not be taken over, in sentences. */
    List<String> lost();

    /** One that comes back as it went out from here or from another server of ours. */
    record Whole(String title, Item item) implements Taken {
        @Override
        public int places() {
            return item.parts().stream().mapToInt(part -> part.fields().size()).sum();
        }

        @Override
        public int helps() {
            return item.parts().stream().mapToInt(part -> part.hints().size()).sum();
        }

        @Override
        public List<String> lost() {
            return List.of();
        }
    }
}
