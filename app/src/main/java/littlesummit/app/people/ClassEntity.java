package littlesummit.app.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A school class. */
@Entity
@Table(name = "school_class")
class ClassEntity {
    @Id
    private String id;
    private String name;

    protected ClassEntity() {}

    ClassEntity(String id, String name) {
        this.id = id;
        this.name = name;
    }

    String name() {
        return name;
    }
}
