package littlesummit.app.people;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;

/** A student or an instructor. */
@Entity
@Table(name = "person")
class PersonEntity {
    /** No password has this for its hash. */
    private static final String NO_PASSWORD = "";

    @Id
    private String id;

    private String username;
    private String name;

    @Enumerated(EnumType.STRING)
    private Role role;

    private String passwordHash;

    @Column(name = "class_id")
    private String classId;

    @Embedded
    private Tries tries;

    private int extraTime;
    private boolean mustChange;
    private Instant closedAt;
    private String firstCode;
    private String familyName;
    private String sourcedId;

    protected PersonEntity() {}

    PersonEntity(String id, String username, String name, Role role, String passwordHash, String classId) {
        this.id = id;
        this.username = username;
        this.name = name;
        this.role = role;
        this.passwordHash = passwordHash;
        this.classId = classId;
        this.tries = new Tries();
    }

    Person toPerson(String className) {
        return new Person(id, username, name, role, classId, className, mustChange);
    }

    String id() {
        return id;
    }

    String classId() {
        return classId;
    }

    String passwordHash() {
        return passwordHash;
    }

    String username() {
        return username;
    }

    String name() {
        return name;
    }

    Role role() {
        return role;
    }

    boolean mustChange() {
        return mustChange;
    }

    void setPassword(String hash) {
        this.passwordHash = hash;
        this.mustChange = false;
        this.firstCode = null;
        tries.right();
    }

    /** From now on only this code opens the account, until a password is chosen. */
    void openBy(String code) {
        this.passwordHash = NO_PASSWORD;
        this.mustChange = true;
        this.firstCode = code;
        tries.right();
    }

    /** A code that was not used yet. */
    Optional<String> firstCode() {
        return Optional.ofNullable(firstCode);
    }

    /** The last part of the name, as a table gave it; empty where nobody said. */
    Optional<String> familyName() {
        return Optional.ofNullable(familyName).filter(f -> name.endsWith(" " + f));
    }

    void comesFrom(String family) {
        this.familyName = family.isBlank() ? null : family.strip();
    }

    /** What this person is called in the system that a roster came from. */
    Optional<String> sourcedId() {
        return Optional.ofNullable(sourcedId);
    }

    void isCalledElsewhere(String id) {
        this.sourcedId = id;
    }

    int extraTime() {
        return extraTime;
    }

    void rename(String to) {
        this.name = to;
    }

    /** Into another class, or to another class of an instructor's own. */
    void moveTo(String otherClassId) {
        this.classId = otherClassId;
    }

    boolean isClosed() {
        return closedAt != null;
    }

    /** @param since empty to open it again */
    void close(Optional<Instant> since) {
        this.closedAt = since.orElse(null);
    }

    void allow(int percent) {
        this.extraTime = percent;
    }

    /** Of all browsers in which this person has never signed in. */
    Tries tries() {
        return tries;
    }
}
