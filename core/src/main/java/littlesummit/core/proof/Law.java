package littlesummit.core.proof;

import java.util.List;
import java.util.Map;
import littlesummit.core.item.Item;

/** Something that has to hold; sees every item once, and says in the end what does not hold. */
public interface Law {
    /** @param naive ways that are wrong, by place and name, and whether each leads to the right answer here */
    void see(Item item, Map<String, Boolean> naive);

    List<Finding> findings();
}
