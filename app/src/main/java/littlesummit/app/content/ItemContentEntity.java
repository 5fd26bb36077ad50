package littlesummit.app.content;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The content of items that were given out; never changed. */
@Entity
@Table(name = "item_content")
class ItemContentEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String hash;
    private int shape;
    private byte[] content;

    protected ItemContentEntity() {}

    /**
     * @param hash of the text
     * @param content the text, packed
     */
    ItemContentEntity(String hash, int shape, byte[] content) {
        this.hash = hash;
        this.shape = shape;
        this.content = content.clone();
    }

    Long id() {
        return id;
    }

    int shape() {
        return shape;
    }

    byte[] content() {
        return content.clone();
    }
}
