package littlesummit.app.calendar;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** The private address of somebody's calendar, by the hash of its secret. */
@Entity
@Table(name = "calendar_address")
class AddressEntity {
    @Id
    private String personId;

    private String hash;
    private Instant madeAt;

    protected AddressEntity() {}

    AddressEntity(String personId, String hash, Instant madeAt) {
        this.personId = personId;
        this.hash = hash;
        this.madeAt = madeAt;
    }

    String personId() {
        return personId;
    }

    Instant madeAt() {
        return madeAt;
    }
}
