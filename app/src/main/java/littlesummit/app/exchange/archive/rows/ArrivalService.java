package littlesummit.app.exchange.archive.rows;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.app.headway.Headway;
import littlesummit.app.people.ClassesService;
import littlesummit.app.people.Person;
import littlesummit.app.people.SchoolClass;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.quiz.QuizRecord;
import littlesummit.app.rows.HangingRows;
import littlesummit.app.web.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;

/** A class taken in from an archive: first what would come, then doing it, and undoing it for a day. */
@Service
public class ArrivalService {
    private final ClassArrival arrival;
    private final PracticeRecord practice;
    private final QuizRecord quizzes;
    private final Layout layout;
    private final FromArchiveRepository taken;
    private final ClassesService classes;
    private final HangingRows rows;
    private final ObjectMapper mapper;
    private final Clock clock;

    ArrivalService(
            ClassArrival arrival,
            PracticeRecord practice,
            QuizRecord quizzes,
            Layout layout,
            FromArchiveRepository taken,
            ClassesService classes,
            HangingRows rows,
            ObjectMapper mapper,
            Clock clock) {
        this.arrival = arrival;
        this.practice = practice;
        this.quizzes = quizzes;
        this.layout = layout;
        this.taken = taken;
        this.classes = classes;
        this.rows = rows;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Looks over a class that has just come, as far as it can be read here; throws for what cannot. */
    public interface Look {
        /** @param instructor with the class open */
        void over(Person instructor, Headway headway) throws IOException;
    }

    /** All of it is done, and nothing of it is kept: what would be refused is refused now. */
    @Transactional
    public ArrivalPlan plan(Person instructor, Path file, Look look, Headway headway) throws IOException {
        ArrivalPlan plan = arrive(instructor, file, look, headway).plan();
        TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        return plan;
    }

    /** @return the new class, which is not opened yet */
    @Transactional
    public ArrivalPlan take(Person instructor, Path file, Look look, Headway headway) throws IOException {
        ClassArrival.Arrived arrived = arrive(instructor, file, look, headway);
        taken.save(new FromArchiveEntity(arrived.instructor().classId(), clock.instant()));
        return arrived.plan();
    }

    private ClassArrival.Arrived arrive(Person instructor, Path file, Look look, Headway headway) throws IOException {
        try (ArchiveFile archive = ArchiveFile.open(file, mapper, headway)) {
            boolean isOlder = About.isOlder(archive.row(ClassRecords.ABOUT), layout.version());
            ClassArrival.Arrived arrived = arrival.arrive(instructor, archive, isOlder);
            mustBeWhole(arrived, look, headway);
            return arrived;
        }
    }

    /** Where everybody stands has to be what the log says, and every page has to open. */
    private void mustBeWhole(ClassArrival.Arrived arrived, Look look, Headway headway) throws IOException {
        try {
            if (standAsLogged(arrived.students(), headway)) {
                practice.summariseAgain(arrived.students());
                look.over(arrived.instructor(), headway);
                return;
            }
        } catch (RuntimeException broken) {
            throw Problem.badRequest("What stands in this archive cannot be read here. It was changed, or is damaged.");
        }
        throw Problem.badRequest("In this archive the scores are not what the answers come to. It was changed.");
    }

    private boolean standAsLogged(Set<String> students, Headway headway) {
        int done = 0;
        for (String student : students) {
            headway.at("Counting the scores again", done++, students.size());
            List<String> one = List.of(student);
            if (!practice.differences(one).isEmpty()
                    || !quizzes.differences(one).isEmpty()) {
                return false;
            }
        }
        return true;
    }

    /**
     * A class that was taken in and can still be taken back.
     *
     * @param classId of the new class
     * @param says its name
     */
    public record LastClass(String classId, Instant takenAt, Instant until, String says) {}

    @Transactional(readOnly = true)
    public Optional<LastClass> last(Person instructor) {
        List<SchoolClass> own = classes.of(instructor);
        return taken.findAllById(own.stream().map(SchoolClass::id).toList()).stream()
                .filter(t -> t.isOfToday(clock.instant()) && classes.isUntouched(t.classId()))
                .max(Comparator.comparing(FromArchiveEntity::takenAt))
                .map(t -> new LastClass(
                        t.classId(),
                        t.takenAt(),
                        t.takenAt().plus(FromArchiveEntity.UNDO),
                        own.stream()
                                .filter(c -> c.id().equals(t.classId()))
                                .map(SchoolClass::name)
                                .findFirst()
                                .orElse("")));
    }

    /** @throws Problem when it is no such class, a day has passed, or somebody has it open or has signed in to it */
    @Transactional
    public void undo(Person instructor, String classId) {
        FromArchiveEntity row = taken.findById(classId)
                .filter(t -> classes.of(instructor).stream().anyMatch(c -> c.id().equals(t.classId())))
                .orElseThrow(() -> Problem.notFound("You teach no class that came from an archive so."));
        if (!row.isOfToday(clock.instant())) {
            throw Problem.badRequest("This can no longer be undone: a day has passed.");
        }
        if (!classes.isUntouched(classId)) {
            throw Problem.conflict(
                    "This class is open, or a student of it has signed in. Open another class to undo it; with students"
                            + " in it, put it out of the way instead.");
        }
        rows.deleteWithClass(classId);
    }
}
