package littlesummit.app.people;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/** A student or an instructor. */
@Entity
@Table(name = "person")
class PersonEntity {
    private static final int MOST_WRONG_TRIES = 8;
    /** No password has this for its hash. */
    private static final String NO_PASSWORD = "";
    private static final Duration LOCK = Duration.ofMinutes(5);

    @Id
    private String id;
    private String username;
    private String name;
    @Enumerated(EnumType.STRING)
    private Role role;
    private String passwordHash;
    @Column(name = "class_id")
    private String classId;
    private int wrongTries;
    private int extraTime;
    private boolean mustChange;
    private Instant lockedUntil;
    private Instant closedAt;
    private String firstCode;
    private String familyName;

    protected PersonEntity() {}

    PersonEntity(String id, String username, String name, Role role, String passwordHash, String classId) {
        this.id = id;
        this.username = username;
        this.name = name;
        this.role = role;
        this.passwordHash = passwordHash;
        this.classId = classId;
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
        rightPassword();
    }

    /** From now on only this code opens the account, until a password is chosen. */
    void openBy(String code) {
        this.passwordHash = NO_PASSWORD;
        this.mustChange = true;
        this.firstCode = code;
        rightPassword();
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

    boolean isLocked(Instant now) {
        return Optional.ofNullable(lockedUntil).filter(now::isBefore).isPresent();
    }

    /** Too many wrong passwords in a row lock the account for a while. */
    void wrongPassword(Instant now) {
        wrongTries++;
        if (wrongTries >= MOST_WRONG_TRIES) {
            wrongTries = 0;
            lockedUntil = now.plus(LOCK);
        }
    }

    void rightPassword() {
        wrongTries = 0;
        lockedUntil = null;
    }
}
