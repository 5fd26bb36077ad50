package littlesummit.app.workbench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** How far the proof of a skill has come, as any server may ask. */
@Entity
@Table(name = "skill_proof")
class ProofNoteEntity {
    @Id
    private String skillId;

    private String digest;
    private Instant toldAt;
    private String found;

    protected ProofNoteEntity() {}

    ProofNoteEntity(String skillId, String digest, Instant toldAt, String found) {
        this.skillId = skillId;
        this.digest = digest;
        this.toldAt = toldAt;
        this.found = found;
    }

    String digest() {
        return digest;
    }

    Instant toldAt() {
        return toldAt;
    }

    String found() {
        return found;
    }
}
