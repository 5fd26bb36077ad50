package littlesummit.app.working;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import littlesummit.app.people.Person;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Json;
import littlesummit.app.web.Problem;
import littlesummit.core.working.ink.InkColour;
import littlesummit.core.working.ink.Layer;
import littlesummit.core.working.ink.Stroke;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The ink of a page. The student draws the work, the instructor the marks; neither can touch the other's. */
@Service
public class InkService {
    private static final int MOST_STROKES = 6000;
    private final InkStrokeRepository strokes;
    private final WorkPages pages;
    private final ServedItems items;
    private final Json json;

    InkService(InkStrokeRepository strokes, WorkPages pages, ServedItems items, Json json) {
        this.strokes = strokes;
        this.pages = pages;
        this.items = items;
        this.json = json;
    }

    /**
     * @param work the student's
     * @param marks the instructor's; each in the order in which it was drawn
     */
    public record Drawn(List<Stroke> work, List<Stroke> marks, List<Pen> pens) {}

    /**
     * An ink to choose.
     *
     * @param hex with its sign, as in styles
     */
    public record Pen(InkColour colour, String title, String hex) {}

    private static final List<Pen> PENS = Arrays.stream(InkColour.values())
            .map(c -> new Pen(c, c.title(), "#" + c.hex()))
            .toList();

    @Transactional(readOnly = true)
    public Drawn ink(Person person, String itemId) {
        items.requireSeen(person, itemId);
        List<Stroke> work = new ArrayList<>();
        List<Stroke> marks = new ArrayList<>();
        for (InkStrokeEntity row : strokes.findByItemIdOrderByPlace(itemId)) {
            (row.layer() == Layer.WORK ? work : marks)
                    .add(json.read(row.body(), StrokeDto.class).toCore());
        }
        return new Drawn(work, marks, PENS);
    }

    /**
     * Draws, changes and takes away strokes of one's own layer. A stroke drawn twice is there once.
     *
     * @return how many strokes the layer holds now
     */
    @Transactional
    public int change(Person person, String itemId, List<Stroke> put, List<String> removed) {
        Layer layer = layer(person, itemId);
        List<InkStrokeEntity> all = strokes.findByItemIdOrderByPlace(itemId);
        if (all.size() + put.size() > MOST_STROKES) {
            throw Problem.badRequest("This page is full: it holds " + MOST_STROKES
                    + " strokes. Erase some first; what you drew is kept here.");
        }
        long place = all.isEmpty() ? 0 : all.getLast().place();
        for (Stroke stroke : put) {
            put(itemId, layer, stroke, ++place);
        }
        removed.forEach(id -> own(itemId, layer, id).ifPresent(strokes::delete));
        strokes.flush();
        pages.find(itemId).filter(p -> layer == Layer.WORK).ifPresent(pages::edited);
        return (int) strokes.findByItemIdOrderByPlace(itemId).stream()
                .filter(s -> s.layer() == layer)
                .count();
    }

    /** The layer that a person draws in; the page is there afterwards. */
    private Layer layer(Person person, String itemId) {
        ServedItem item = items.requireSeen(person, itemId);
        if (item.personId().equals(person.id())) {
            pages.own(person, itemId);
            return Layer.WORK;
        }
        pages.find(itemId).orElseThrow(() -> Problem.notFound("There is no work on this page yet."));
        return Layer.MARKS;
    }

    private void put(String itemId, Layer layer, Stroke stroke, long place) {
        Optional<InkStrokeEntity> there = strokes.findById(new InkStrokeEntity.Key(itemId, stroke.id()));
        if (there.isEmpty()) {
            strokes.save(new InkStrokeEntity(itemId, stroke.id(), layer, place, kept(stroke)));
        } else if (there.get().layer() == layer) {
            there.get().change(kept(stroke));
        }
    }

    private String kept(Stroke stroke) {
        return json.write(StrokeDto.of(stroke));
    }

    private Optional<InkStrokeEntity> own(String itemId, Layer layer, String id) {
        return strokes.findById(new InkStrokeEntity.Key(itemId, id)).filter(s -> s.layer() == layer);
    }
}
