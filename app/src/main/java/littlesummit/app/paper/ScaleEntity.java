package littlesummit.app.paper;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Words that a class has for its marks. */
@Entity
@Table(name = "mark_scale")
class ScaleEntity {
    @Id
    private String classId;

    private String grades;

    protected ScaleEntity() {}

    ScaleEntity(String classId, String grades) {
        this.classId = classId;
        this.grades = grades;
    }

    String grades() {
        return grades;
    }
}
