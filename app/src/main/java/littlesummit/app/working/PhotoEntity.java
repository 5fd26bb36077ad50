package littlesummit.app.working;

import jakarta.persistence.Basic;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import littlesummit.app.picture.Upright;

/** A picture of work on paper. */
@Entity
@Table(name = "work_photo")
class PhotoEntity {
    @Id
    private String id;

    private String itemId;
    private int place;
    private int width;
    private int height;

    @Lob
    @Basic(fetch = FetchType.LAZY)
    private byte[] image;

    private Instant addedAt;

    protected PhotoEntity() {}

    PhotoEntity(String id, String itemId, int place, Upright picture, Instant at) {
        this.id = id;
        this.itemId = itemId;
        this.place = place;
        this.addedAt = at;
        show(picture);
    }

    void show(Upright picture) {
        this.width = picture.width();
        this.height = picture.height();
        this.image = picture.jpeg();
    }

    String id() {
        return id;
    }

    String itemId() {
        return itemId;
    }

    byte[] image() {
        return image;
    }
}
