package littlesummit.app.paper;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What somebody asked for; its copies hold the items. */
@Entity
@Table(name = "paper_sheet")
class SheetEntity {
    @Id
    private String id;

    private String classId;
    private String makerId;
    private String title;
    private Instant madeAt;
    private String style;

    protected SheetEntity() {}

    SheetEntity(String id, String classId, String makerId, String title, Instant madeAt, String style) {
        this.id = id;
        this.classId = classId;
        this.makerId = makerId;
        this.title = title;
        this.madeAt = madeAt;
        this.style = style;
    }

    String id() {
        return id;
    }

    String classId() {
        return classId;
    }

    String makerId() {
        return makerId;
    }

    String title() {
        return title;
    }

    Instant madeAt() {
        return madeAt;
    }

    String style() {
        return style;
    }
}
