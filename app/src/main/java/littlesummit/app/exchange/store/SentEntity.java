package littlesummit.app.exchange.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** That what somebody did was sent to the record store. */
@Entity
@Table(name = "record_sent")
class SentEntity {
    @Id
    private String personId;

    private Instant sentAt;
    private int statements;

    protected SentEntity() {}

    SentEntity(String personId, Instant sentAt, int statements) {
        this.personId = personId;
        this.sentAt = sentAt;
        this.statements = statements;
    }

    String personId() {
        return personId;
    }

    Instant sentAt() {
        return sentAt;
    }

    int statements() {
        return statements;
    }
}
