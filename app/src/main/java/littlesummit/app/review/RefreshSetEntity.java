package littlesummit.app.review;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The mixed set that a student is in, or was in last. */
@Entity
@Table(name = "refresh_set")
class RefreshSetEntity {
    @Id
    private String personId;

    private String state;

    @Version
    private Long version;

    protected RefreshSetEntity() {}

    RefreshSetEntity(String personId, String state) {
        this.personId = personId;
        this.state = state;
    }

    String state() {
        return state;
    }

    void keep(String json) {
        this.state = json;
    }
}
