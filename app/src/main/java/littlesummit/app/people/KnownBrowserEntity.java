package littlesummit.app.people;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

/** A browser in which somebody has signed in before, with its own count of wrong passwords. */
@Entity
@Table(name = "known_browser")
@IdClass(KnownBrowserEntity.Key.class)
class KnownBrowserEntity {
    record Key(String tokenHash, String personId) implements Serializable {}

    @Id
    private String tokenHash;

    @Id
    private String personId;

    @Embedded
    private Tries tries;

    private Instant seenAt;

    protected KnownBrowserEntity() {}

    KnownBrowserEntity(Key key, Instant at) {
        this.tokenHash = key.tokenHash();
        this.personId = key.personId();
        this.tries = new Tries();
        this.seenAt = at;
    }

    Tries tries() {
        return tries;
    }

    void seen(Instant at) {
        this.seenAt = at;
    }
}
