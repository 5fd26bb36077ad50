package littlesummit.app.paper;

import jakarta.persistence.Embeddable;
import littlesummit.core.item.ItemRef;

/** An item of a copy: of what it was made, and where its content is kept. */
@Embeddable
class PrintedItem {
    private String skill;
    private int version;
    private int tier;
    private String variant;
    private long seed;
    private long contentId;

    protected PrintedItem() {}

    PrintedItem(ItemRef ref, long contentId) {
        this.skill = ref.skill();
        this.version = ref.version();
        this.tier = ref.tier();
        this.variant = ref.variant();
        this.seed = ref.seed();
        this.contentId = contentId;
    }

    ItemRef ref() {
        return new ItemRef(skill, version, tier, variant, seed);
    }

    long contentId() {
        return contentId;
    }
}
