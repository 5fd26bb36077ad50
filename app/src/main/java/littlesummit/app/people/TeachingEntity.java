package littlesummit.app.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;

/** That somebody teaches a class. */
@Entity
@Table(name = "class_instructor")
@IdClass(TeachingEntity.Key.class)
class TeachingEntity {
    record Key(String classId, String personId) implements Serializable {}

    @Id
    private String classId;

    @Id
    private String personId;

    protected TeachingEntity() {}

    TeachingEntity(String classId, String personId) {
        this.classId = classId;
        this.personId = personId;
    }

    String classId() {
        return classId;
    }

    String personId() {
        return personId;
    }
}
