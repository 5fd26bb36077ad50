package littlesummit.app.marking;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A comment that an instructor writes often. */
@Entity
@Table(name = "saved_comment")
class SavedCommentEntity {
    @Id
    private String id;

    private String personId;
    private String text;

    protected SavedCommentEntity() {}

    SavedCommentEntity(String personId, String text) {
        this.id = UUID.randomUUID().toString();
        this.personId = personId;
        this.text = text;
    }

    String id() {
        return id;
    }

    String personId() {
        return personId;
    }

    String text() {
        return text;
    }
}
