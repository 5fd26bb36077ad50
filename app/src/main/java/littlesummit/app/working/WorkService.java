package littlesummit.app.working;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.app.people.Person;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Problem;
import littlesummit.app.web.Tag;
import littlesummit.core.working.ShownWork;
import littlesummit.core.working.WorkLetters;
import littlesummit.core.working.WorkState;
import littlesummit.core.working.ink.Layer;
import littlesummit.core.working.ink.Paper;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A student's own page beside an item: its lines, its sheet, and where it stands with the instructor. */
@Service
public class WorkService {
    private final WorkPages pages;
    private final WorkPageRepository rows;
    private final InkStrokeRepository strokes;
    private final PhotoRepository photos;
    private final ServedItems items;
    private final Clock clock;

    WorkService(
            WorkPages pages,
            WorkPageRepository rows,
            InkStrokeRepository strokes,
            PhotoRepository photos,
            ServedItems items,
            Clock clock) {
        this.pages = pages;
        this.rows = rows;
        this.strokes = strokes;
        this.photos = photos;
        this.items = items;
        this.clock = clock;
    }

    /**
     * @param figureUnder whether the item's figure lies under the ink
     * @param hasInk whether the student drew something
     * @param savedAt empty while nothing was written
     * @param tag of the lines; see {@link Tag}
     */
    public record Page(
            List<WorkLine> lines,
            String tag,
            Paper paper,
            boolean figureUnder,
            boolean hasInk,
            List<Photo> photos,
            WorkStateDto state,
            Optional<Instant> savedAt) {
        /** The texts that count: those not struck through. */
        public List<String> counted() {
            return lines.stream()
                    .filter(line -> !line.struck())
                    .map(WorkLine::text)
                    .toList();
        }
    }

    /** @param width and height in pixels */
    public record Photo(String id, int width, int height) {}

    private static final Page EMPTY = new Page(
            List.of(),
            tag(List.of()).value(),
            Paper.GRID,
            false,
            false,
            List.of(),
            WorkStateDto.START,
            Optional.empty());

    /** For its owner and the instructor of the class. */
    @Transactional(readOnly = true)
    public Page page(Person person, String itemId) {
        items.requireSeen(person, itemId);
        return rows.findById(itemId).map(this::shown).orElse(EMPTY);
    }

    private Page shown(WorkPageEntity page) {
        List<Photo> pictures = photos.listed(page.itemId()).stream()
                .map(p -> new Photo(p.id(), p.width(), p.height()))
                .toList();
        return new Page(
                page.lines(),
                tag(page.lines()).value(),
                page.paper(),
                page.figureUnder(),
                strokes.existsByItemIdAndLayer(page.itemId(), Layer.WORK),
                pictures,
                WorkStateDto.of(pages.state(page)),
                Optional.of(page.savedAt()));
    }

    private static Tag tag(List<WorkLine> lines) {
        List<Integer> struck = IntStream.range(0, lines.size())
                .filter(i -> lines.get(i).struck())
                .boxed()
                .toList();
        return Tag.of(struck + lines.stream().map(WorkLine::text).collect(Collectors.joining("\n")));
    }

    /**
     * @param builtOn tag of the lines that were changed; empty for who does not mind
     * @throws Problem when somebody else changed them since
     */
    @Transactional
    public Page save(Person person, String itemId, List<WorkLine> lines, Optional<String> builtOn) {
        WorkPageEntity page = pages.own(person, itemId);
        List<WorkLine> written = lines.stream()
                .map(line -> new WorkLine(line.text().replaceAll("\\R", " "), line.struck()))
                .toList();
        tag(page.lines()).require(builtOn, tag(written), Map.of("lines", page.lines()));
        page.write(written, clock.instant());
        pages.edited(page);
        return shown(page);
    }

    @Transactional
    public Page lay(Person person, String itemId, Paper paper, boolean figureUnder) {
        WorkPageEntity page = pages.own(person, itemId);
        page.lay(paper, figureUnder);
        return shown(page);
    }

    /** @throws Problem when there is nothing to read */
    @Transactional
    public Page handIn(Person person, String itemId) {
        WorkPageEntity page = pages.own(person, itemId);
        WorkState state = pages.state(page);
        if (state instanceof WorkState.Read) {
            throw Problem.conflict("This work has been read already.");
        }
        refusal(page, items.require(person, itemId)).ifPresent(why -> {
            throw Problem.conflict(why);
        });
        pages.move(page, state.handIn(clock.instant()).orElseThrow());
        return shown(page);
    }

    private Optional<String> refusal(WorkPageEntity page, ServedItem item) {
        ShownWork shown = pages.shown(page);
        if (item.item().isDrawn()) {
            return shown.pictureRefusal();
        }
        return isSaid(page, item) ? Optional.empty() : shown.refusal(WorkLetters.of(item.item()));
    }

    /** Words that are read are work themselves; whoever gets them back says more on the page. */
    private boolean isSaid(WorkPageEntity page, ServedItem item) {
        return item.item().isRead() && !(pages.state(page) instanceof WorkState.SentBack);
    }

    /**
     * Hands in what stands on the page, where it is work.
     *
     * @return what is missing, in a sentence; empty when it is handed in
     */
    @Transactional
    public Optional<String> show(Person person, String itemId) {
        WorkPageEntity page = pages.own(person, itemId);
        ServedItem item = items.require(person, itemId);
        Optional<String> why = refusal(page, item);
        if (isSaid(page, item)) {
            pages.move(page, pages.state(page).edited(true));
        }
        if (why.isEmpty() && pages.state(page) instanceof WorkState.Kept) {
            handIn(person, itemId);
        }
        return why;
    }

    /**
     * A reading that was given by mistake.
     *
     * @throws Problem when it was not read
     */
    @Transactional
    public Page unread(Person instructor, String itemId) {
        WorkPageEntity page = handedIn(instructor, itemId);
        pages.move(
                page,
                pages.state(page)
                        .unread(clock.instant())
                        .orElseThrow(() -> Problem.conflict("This work is not marked as read.")));
        return shown(page);
    }

    /** Hands in whatever stands on the page and was not handed in before; nothing happens on an empty page. */
    @Transactional
    public void handInIfAny(Person person, String itemId) {
        if (rows.findById(itemId)
                .filter(p -> pages.state(p) instanceof WorkState.Kept)
                .isPresent()) {
            WorkPageEntity page = pages.own(person, itemId);
            pages.move(page, pages.state(page).handIn(clock.instant()).orElseThrow());
        }
    }

    /** One page of somebody's book. */
    public record Entry(
            String itemId,
            String assignmentId,
            String skillId,
            Instant startedAt,
            List<WorkLine> lines,
            boolean hasInk,
            int photos,
            WorkState state) {
        public boolean hasContent() {
            return hasInk
                    || photos > 0
                    || lines.stream().anyMatch(line -> !line.text().isBlank());
        }
    }

    /** All pages of a person that hold something, the latest first. */
    @Transactional(readOnly = true)
    public List<Entry> entries(String personId) {
        var inked = rows.withInk(personId).stream().collect(Collectors.toSet());
        var pictures = photos.countsOf(personId).stream()
                .collect(Collectors.toMap(PhotoRepository.Count::itemId, c -> (int) c.count()));
        return rows.findByPersonIdOrderByStartedAtDesc(personId).stream()
                .map(p -> entry(p, inked.contains(p.itemId()), pictures.getOrDefault(p.itemId(), 0)))
                .filter(Entry::hasContent)
                .toList();
    }

    private Entry entry(WorkPageEntity page, boolean inked, int pictures) {
        return new Entry(
                page.itemId(),
                page.assignmentId(),
                page.skill(),
                page.startedAt(),
                page.lines(),
                inked,
                pictures,
                pages.state(page));
    }

    /** What has become of a page. */
    public record Standing(String itemId, String personId, String assignmentId, WorkState state) {}

    /** Of several students, quickly; pages that were never handed in are left out. */
    @Transactional(readOnly = true)
    public List<Standing> standings(Collection<String> personIds) {
        return rows.findStatesByPersonIdIn(personIds).stream()
                .map(r -> new Standing(r.itemId(), r.personId(), r.assignmentId(), pages.state(r.state())))
                .filter(s -> !(s.state() instanceof WorkState.None || s.state() instanceof WorkState.Kept))
                .toList();
    }

    /** A page that waits to be read. */
    public record Waiting(String itemId, String personId, String assignmentId, String skillId, Instant since) {}

    /** Of a class, the longest waiting first. */
    @Transactional(readOnly = true)
    public List<Waiting> waiting(String classId) {
        return rows.findByClassIdAndWaitingSinceIsNotNullOrderByWaitingSince(classId).stream()
                .map(p -> new Waiting(
                        p.itemId(),
                        p.personId(),
                        p.assignmentId(),
                        p.skill(),
                        pages.state(p).waitingSince().orElse(p.savedAt())))
                .toList();
    }

    /** @throws Problem when it was not handed in */
    @Transactional
    public Page read(Person instructor, String itemId, int credit, String comment) {
        WorkPageEntity page = handedIn(instructor, itemId);
        return moved(page, pages.state(page).read(clock.instant(), credit, comment, instructor.name()));
    }

    /** @throws Problem when it was not handed in */
    @Transactional
    public Page sendBack(Person instructor, String itemId, String comment) {
        WorkPageEntity page = handedIn(instructor, itemId);
        return moved(page, pages.state(page).sendBack(clock.instant(), comment, instructor.name()));
    }

    private WorkPageEntity handedIn(Person instructor, String itemId) {
        items.requireSeen(instructor, itemId);
        return rows.findById(itemId).orElseThrow(() -> Problem.notFound("There is no such work in your class."));
    }

    private Page moved(WorkPageEntity page, Optional<WorkState> to) {
        pages.move(
                page,
                to.orElseThrow(() ->
                        Problem.conflict("This work is not handed in just now. The student may still be at it.")));
        return shown(page);
    }
}
