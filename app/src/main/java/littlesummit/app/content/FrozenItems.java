package littlesummit.app.content;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import littlesummit.app.web.Digest;
import littlesummit.app.web.Json;
import littlesummit.app.web.Schema;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps items as they were when they were given out. What makes items may change at any time; what a student has worked
 * on does not. Content that reads alike is kept once.
 */
@Service
public class FrozenItems {
    private static final Schema<ItemDto> SCHEMA = Schema.first(ItemDto.class);
    /** As many as a school works on at the same time, some hundred bytes to some kilobytes each. */
    private static final int MOST_AT_HAND = 2_000;

    private final ItemContentRepository contents;
    private final Json json;
    private final Cache<Long, ItemDto> atHand =
            Caffeine.newBuilder().maximumSize(MOST_AT_HAND).build();

    FrozenItems(ItemContentRepository contents, Json json) {
        this.contents = contents;
        this.json = json;
    }

    /** @return id of what is kept */
    @Transactional
    public long freeze(Item item) {
        return keep(new Content(SCHEMA.newest(), json.write(ItemDto.of(item), SCHEMA)));
    }

    /**
     * What is kept of an item.
     *
     * @param shape number of the shape that the text was written in
     * @param text JSON, without the reference of the item
     */
    public record Content(int shape, String text) {}

    private long keep(Content content) {
        String hash = Digest.of(content.text());
        return contents.idOf(hash).orElseGet(() -> contents.save(
                        new ItemContentEntity(hash, content.shape(), Packed.pack(content.text())))
                .id());
    }

    /**
     * Keeps what another server kept.
     *
     * @return its id here
     * @throws IllegalStateException when it is no item of a shape that is known here
     */
    @Transactional
    public long bring(Content content) {
        json.read(content.text(), content.shape(), SCHEMA).toCore(new ItemRef("brought", 1, 1, "brought", 0));
        return keep(content);
    }

    /** @throws IllegalStateException when nothing of the kind is kept */
    @Transactional(readOnly = true)
    public Content content(long id) {
        ItemContentEntity kept = kept(id);
        return new Content(kept.shape(), Packed.unpack(kept.content()));
    }

    /**
     * @param ref of the item that was given out with this content
     * @throws IllegalStateException when nothing of the kind is kept
     */
    @Transactional(readOnly = true)
    public Item thaw(long id, ItemRef ref) {
        return atHand.get(id, this::read).toCore(ref);
    }

    private ItemContentEntity kept(long id) {
        return contents.findById(id).orElseThrow(() -> new IllegalStateException("no content " + id));
    }

    private ItemDto read(long id) {
        ItemContentEntity kept = kept(id);
        return json.read(Packed.unpack(kept.content()), kept.shape(), SCHEMA);
    }
}
