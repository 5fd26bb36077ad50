package littlesummit.app.exchange.history;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;

/** One thing that somebody did in another program. */
@Entity
@Table(name = "history")
class HistoryEntity {
    @Id
    private String id;

    private String importId;
    private String personId;
    private String statement;
    private Instant happenedAt;
    private String verb;
    private String title;
    private Boolean success;
    private Integer percent;

    protected HistoryEntity() {}

    HistoryEntity(String id, String importId, String personId, OutsideDeed deed) {
        this.id = id;
        this.importId = importId;
        this.personId = personId;
        this.statement = deed.id();
        this.happenedAt = deed.at();
        this.verb = deed.verb();
        this.title = deed.title();
        this.success = deed.success().orElse(null);
        this.percent = deed.percent().orElse(null);
    }

    String personId() {
        return personId;
    }

    String statement() {
        return statement;
    }

    OutsideDeed deed() {
        return new OutsideDeed(
                statement, happenedAt, verb, title, Optional.ofNullable(success), Optional.ofNullable(percent));
    }
}
