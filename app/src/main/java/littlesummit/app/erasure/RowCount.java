package littlesummit.app.erasure;

import jakarta.persistence.EntityManager;
import org.springframework.stereotype.Component;

/** How many rows would go. */
@Component
class RowCount {
    private final EntityManager entities;

    RowCount(EntityManager entities) {
        this.entities = entities;
    }

    /** @param which condition with {@code :id} for its only parameter */
    long of(String table, String which, String id) {
        Object rows = entities.createNativeQuery("select count(*) from " + table + " where " + which)
                .setParameter("id", id)
                .getSingleResult();
        return ((Number) rows).longValue();
    }
}
