package littlesummit.app.working;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.io.Serializable;
import littlesummit.core.working.ink.Layer;

/** One stroke on a page. */
@Entity
@Table(name = "ink_stroke")
@IdClass(InkStrokeEntity.Key.class)
class InkStrokeEntity {
    record Key(String itemId, String id) implements Serializable {}

    @Id
    private String itemId;

    @Id
    private String id;

    @Enumerated(EnumType.STRING)
    private Layer layer;

    private long place;

    @Lob
    private String body;

    protected InkStrokeEntity() {}

    InkStrokeEntity(String itemId, String id, Layer layer, long place, String body) {
        this.itemId = itemId;
        this.id = id;
        this.layer = layer;
        this.place = place;
        this.body = body;
    }

    Layer layer() {
        return layer;
    }

    long place() {
        return place;
    }

    String body() {
        return body;
    }

    void change(String json) {
        this.body = json;
    }
}
