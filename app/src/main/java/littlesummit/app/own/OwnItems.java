package littlesummit.app.own;

import java.util.List;
import java.util.Optional;
import littlesummit.content.Catalogue;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Lesson;
import littlesummit.core.skill.Skill;
import org.springframework.stereotype.Component;

/** Where items come from: what ships, and the skills of classes by their ids. */
@Component
class OwnItems implements ItemSource {
    /** What the id of a skill of a class begins with. */
    static final String PREFIX = "own-";

    private final Catalogue shipped = new Catalogue();
    private final OwnShelf shelf;

    OwnItems(OwnShelf shelf) {
        this.shelf = shelf;
    }

    /** Those that ship: which others there are depends on the class. */
    @Override
    public List<Skill> skills() {
        return shipped.skills();
    }

    @Override
    public List<Lesson> lessons() {
        return shipped.lessons();
    }

    @Override
    public Optional<Skill> find(String id) {
        return id.startsWith(PREFIX) ? shelf.find(id).map(Skill.class::cast) : shipped.find(id);
    }
}
