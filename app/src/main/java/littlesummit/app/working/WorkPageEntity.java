package littlesummit.app.working;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.app.people.Person;
import littlesummit.app.served.ServedItem;
import littlesummit.core.working.ink.Paper;

/** The field-book page of one item. */
@Entity
@Table(name = "work_page")
class WorkPageEntity {
    @Id
    private String itemId;

    private String personId;
    private String classId;
    private String assignmentId;
    private String skill;

    @Lob
    private String lines;

    private String struck;

    @Enumerated(EnumType.STRING)
    private Paper paper;

    private boolean figureUnder;
    private String state;
    private Instant waitingSince;
    private Instant startedAt;
    private Instant savedAt;

    protected WorkPageEntity() {}

    WorkPageEntity(Person owner, ServedItem item, String state, Instant at) {
        this.itemId = item.id();
        this.personId = owner.id();
        this.classId = owner.classId();
        this.assignmentId = item.assignmentId();
        this.skill = item.ref().skill();
        this.lines = "";
        this.struck = "";
        this.paper = Paper.GRID;
        this.state = state;
        this.startedAt = at;
        this.savedAt = at;
    }

    String itemId() {
        return itemId;
    }

    String personId() {
        return personId;
    }

    String assignmentId() {
        return assignmentId;
    }

    String skill() {
        return skill;
    }

    List<WorkLine> lines() {
        Set<String> through = Arrays.stream(struck.split(",")).collect(Collectors.toSet());
        List<String> texts = lines.isEmpty() ? List.of() : new ArrayList<>(List.of(lines.split("\n", -1)));
        return IntStream.range(0, texts.size())
                .mapToObj(i -> new WorkLine(texts.get(i), through.contains(Integer.toString(i))))
                .toList();
    }

    void write(List<WorkLine> page, Instant at) {
        this.lines = page.stream().map(WorkLine::text).collect(Collectors.joining("\n"));
        this.struck = IntStream.range(0, page.size())
                .filter(i -> page.get(i).struck())
                .mapToObj(Integer::toString)
                .collect(Collectors.joining(","));
        this.savedAt = at;
    }

    Paper paper() {
        return paper;
    }

    boolean figureUnder() {
        return figureUnder;
    }

    void lay(Paper sheet, boolean figure) {
        this.paper = sheet;
        this.figureUnder = figure;
    }

    String state() {
        return state;
    }

    void move(String json, Optional<Instant> waits) {
        this.state = json;
        this.waitingSince = waits.orElse(null);
    }

    void touched(Instant at) {
        this.savedAt = at;
    }

    Instant startedAt() {
        return startedAt;
    }

    Instant savedAt() {
        return savedAt;
    }
}
