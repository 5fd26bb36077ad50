package littlesummit.app.working;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.people.Person;
import littlesummit.app.served.ServedItems;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A student's own lines beside an item. */
@Service
public class WorkService {
    private final WorkPageRepository pages;
    private final ServedItems items;
    private final Clock clock;

    WorkService(WorkPageRepository pages, ServedItems items, Clock clock) {
        this.pages = pages;
        this.items = items;
        this.clock = clock;
    }

    /** @param savedAt empty while nothing was written */
    public record Page(List<String> lines, Optional<Instant> savedAt) {}

    @Transactional(readOnly = true)
    public Page page(Person person, String itemId) {
        items.require(person, itemId);
        return pages.findById(itemId)
                .map(p -> new Page(p.lines().lines().toList(), Optional.of(p.savedAt())))
                .orElse(new Page(List.of(), Optional.empty()));
    }

    /** @param lines without line breaks inside */
    @Transactional
    public Page save(Person person, String itemId, List<String> lines) {
        items.require(person, itemId);
        Instant now = clock.instant();
        String text = String.join("\n", lines.stream().map(line -> line.replaceAll("\\R", " ")).toList());
        pages.save(new WorkPageEntity(itemId, text, now));
        return new Page(lines, Optional.of(now));
    }
}
