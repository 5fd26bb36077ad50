package littlesummit.app.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The code that opens the first account of an empty server; there is one at most. */
@Entity
@Table(name = "set_up_code")
class SetUpCodeEntity {
    static final int ONLY = 1;

    @Id
    private int id;

    private String codeHash;

    protected SetUpCodeEntity() {}

    SetUpCodeEntity(String codeHash) {
        this.id = ONLY;
        this.codeHash = codeHash;
    }

    String codeHash() {
        return codeHash;
    }
}
