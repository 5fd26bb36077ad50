package littlesummit.app.question;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import littlesummit.app.people.Person;

/** A question about an item, and its answer. */
@Entity
@Table(name = "question")
class QuestionEntity {
    @Id
    private String id;

    private String personId;
    private String classId;
    private String itemId;
    private String question;
    private Instant askedAt;
    private String answer;
    private String answeredBy;
    private Instant answeredAt;

    protected QuestionEntity() {}

    QuestionEntity(String id, Person by, String itemId, String question, Instant at) {
        this.id = id;
        this.personId = by.id();
        this.classId = by.classId();
        this.itemId = itemId;
        this.question = question;
        this.askedAt = at;
    }

    String id() {
        return id;
    }

    String personId() {
        return personId;
    }

    String classId() {
        return classId;
    }

    String itemId() {
        return itemId;
    }

    String question() {
        return question;
    }

    Instant askedAt() {
        return askedAt;
    }

    Optional<String> answer() {
        return Optional.ofNullable(answer);
    }

    Optional<String> answeredBy() {
        return Optional.ofNullable(answeredBy);
    }

    Optional<Instant> answeredAt() {
        return Optional.ofNullable(answeredAt);
    }

    void answered(String text, Person by, Instant at) {
        this.answer = text;
        this.answeredBy = by.name();
        this.answeredAt = at;
    }
}
