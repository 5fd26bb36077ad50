package littlesummit.app.working;

import java.time.Clock;
import java.util.Optional;
import littlesummit.app.people.Person;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Json;
import littlesummit.core.working.ShownWork;
import littlesummit.core.working.WorkState;
import littlesummit.core.working.ink.Layer;
import org.springframework.stereotype.Component;

/** The rows of pages, and what each of them holds. */
@Component
class WorkPages {
    private final WorkPageRepository pages;
    private final InkStrokeRepository strokes;
    private final PhotoRepository photos;
    private final ServedItems items;
    private final Json json;
    private final Clock clock;

    WorkPages(
            WorkPageRepository pages,
            InkStrokeRepository strokes,
            PhotoRepository photos,
            ServedItems items,
            Json json,
            Clock clock) {
        this.pages = pages;
        this.strokes = strokes;
        this.photos = photos;
        this.items = items;
        this.json = json;
        this.clock = clock;
    }

    Optional<WorkPageEntity> find(String itemId) {
        return pages.findById(itemId);
    }

    /** The student's own page, begun when there is none. */
    WorkPageEntity own(Person owner, String itemId) {
        ServedItem item = items.require(owner, itemId);
        return pages.findById(itemId)
                .orElseGet(() ->
                        pages.saveAndFlush(new WorkPageEntity(owner, item, kept(WorkState.START), clock.instant())));
    }

    WorkState state(WorkPageEntity page) {
        return state(page.state());
    }

    WorkState state(String kept) {
        return json.read(kept, WorkStateDto.class).toCore();
    }

    void move(WorkPageEntity page, WorkState to) {
        page.move(kept(to), to.waitingSince());
    }

    private String kept(WorkState state) {
        return json.write(WorkStateDto.of(state), WorkStateDto.class);
    }

    /** After every change of the page by its owner. */
    void edited(WorkPageEntity page) {
        page.touched(clock.instant());
        move(page, state(page).edited(hasContent(page)));
    }

    /** What stands there now, as far as it tells whether it is work at all. */
    ShownWork shown(WorkPageEntity page) {
        double ink = strokes.findByItemIdOrderByPlace(page.itemId()).stream()
                .filter(s -> s.layer() == Layer.WORK)
                .mapToDouble(s -> json.read(s.body(), StrokeDto.class).toCore().length())
                .sum();
        return new ShownWork(
                page.lines().stream()
                        .filter(line -> !line.struck())
                        .map(WorkLine::text)
                        .toList(),
                ink,
                photos.countByItemId(page.itemId()));
    }

    private boolean hasContent(WorkPageEntity page) {
        return page.lines().stream().anyMatch(line -> !line.text().isBlank())
                || strokes.existsByItemIdAndLayer(page.itemId(), Layer.WORK)
                || photos.countByItemId(page.itemId()) > 0;
    }
}
