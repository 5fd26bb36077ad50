package littlesummit.app.content;

import littlesummit.app.web.Json;
import littlesummit.app.web.Schema;
import littlesummit.core.item.Item;
import org.springframework.stereotype.Component;

/** A whole item as a text of its own, to go out and to come back exactly. It holds the answers. */
@Component
public class ItemFile {
    private static final Schema<Kept> SCHEMA = Schema.first(Kept.class);
    private final Json json;

    ItemFile(Json json) {
        this.json = json;
    }

    /** @param ref of what it was made */
    record Kept(ItemRefDto ref, ItemDto item) {}

    /** JSON. */
    public String write(Item item) {
        return json.write(new Kept(ItemRefDto.of(item.ref()), ItemDto.of(item)), SCHEMA);
    }

    /** @throws IllegalStateException for a text that is none */
    public Item read(String text) {
        Kept kept = json.read(text, SCHEMA.newest(), SCHEMA);
        return kept.item().toCore(kept.ref().toCore());
    }
}
