package littlesummit.app.exchange.oneroster;

import java.util.List;
import littlesummit.app.web.Json;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What packages did is kept by person, with names from before: of one who is deleted it forgets that. */
@Component
public class ImportMemory {
    private final ImportRepository imports;
    private final Json json;

    ImportMemory(ImportRepository imports, Json json) {
        this.imports = imports;
        this.json = json;
    }

    /** What was done to this person can no longer be undone; the rest can. */
    @Transactional
    public void forget(String personId) {
        for (ImportEntity taken : imports.findByDeedsContaining(personId)) {
            List<RosterImport.Deed> left = json.read(taken.deeds(), RosterImport.Deeds.class).all().stream()
                    .filter(deed -> !deed.personId().equals(personId))
                    .toList();
            taken.isNow(json.write(new RosterImport.Deeds(left)));
        }
    }
}
