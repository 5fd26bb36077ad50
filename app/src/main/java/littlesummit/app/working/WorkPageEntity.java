package littlesummit.app.working;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;

/** The field-book page of one item. */
@Entity
@Table(name = "work_page")
class WorkPageEntity {
    @Id
    private String itemId;
    @Lob
    private String lines;
    private Instant savedAt;

    protected WorkPageEntity() {}

    WorkPageEntity(String itemId, String lines, Instant savedAt) {
        this.itemId = itemId;
        this.lines = lines;
        this.savedAt = savedAt;
    }

    String lines() {
        return lines;
    }

    Instant savedAt() {
        return savedAt;
    }
}
