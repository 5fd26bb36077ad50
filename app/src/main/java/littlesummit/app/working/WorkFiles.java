package littlesummit.app.working;

import java.util.List;
import java.util.Set;
import littlesummit.app.people.Person;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Problem;
import littlesummit.core.working.WorkLetters;
import littlesummit.core.working.ink.Stroke;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A page as files in open formats, out and in. */
@Component
public class WorkFiles {
    private final WorkService work;
    private final InkService ink;
    private final ServedItems items;

    WorkFiles(WorkService work, InkService ink, ServedItems items) {
        this.items = items;
        this.work = work;
        this.ink = ink;
    }

    /** @param type media type without its charset */
    public record WorkFile(String name, String type, String content) {}

    @Transactional(readOnly = true)
    public WorkFile file(Person person, String itemId, String kind) {
        return switch (kind) {
            case "inkml" ->
                new WorkFile(
                        "page.inkml",
                        "application/inkml+xml",
                        InkMl.write(ink.ink(person, itemId).work()));
            case "svg" -> new WorkFile("page.svg", "image/svg+xml", InkSvg.write(ink.ink(person, itemId)));
            case "txt" -> new WorkFile("lines.txt", "text/plain", LineFiles.text(lines(person, itemId)));
            case "tex" ->
                new WorkFile(
                        "lines.tex",
                        "application/x-tex",
                        LineFiles.latex(lines(person, itemId), letters(person, itemId)));
            default -> throw Problem.notFound("A page comes as inkml, svg, txt or tex.");
        };
    }

    private List<WorkLine> lines(Person person, String itemId) {
        return work.page(person, itemId).lines();
    }

    private Set<String> letters(Person person, String itemId) {
        return WorkLetters.of(items.requireSeen(person, itemId).item());
    }

    /**
     * Adds the traces of an InkML document to the page.
     *
     * @return how many strokes it holds now
     */
    @Transactional
    public int bring(Person person, String itemId, String inkml) {
        List<Stroke> strokes = InkMl.read(inkml);
        if (strokes.isEmpty()) {
            throw Problem.badRequest("There is no trace in this InkML file.");
        }
        return ink.change(person, itemId, strokes, List.of());
    }
}
