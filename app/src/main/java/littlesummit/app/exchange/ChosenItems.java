package littlesummit.app.exchange;

import java.util.List;
import java.util.stream.IntStream;
import littlesummit.app.web.Problem;
import littlesummit.core.item.Item;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Skill;
import org.springframework.stereotype.Component;

/** Items that somebody takes along, skill by skill, with the same ones whenever they are asked for. */
@Component
public class ChosenItems {
    private static final int MOST_SKILLS = 300;
    private static final int MOST_ITEMS = 50;
    /** In one package: what a program that reads it can still take in. */
    private static final int MOST_IN_ALL = 2000;

    private final ItemSource source;

    ChosenItems(ItemSource source) {
        this.source = source;
    }

    /** @param items of one skill */
    public record Section(String skill, String name, List<Item> items) {
        public Section {
            items = List.copyOf(items);
        }
    }

    /**
     * @param ids of skills
     * @param count items of each, the levels in turn
     * @param tier 1 to 3 for one level alone, 0 for all
     */
    public List<Section> of(List<String> ids, int count, int tier) {
        List<Skill> skills = skills(ids.stream().distinct().toList());
        if (count < 1 || count > MOST_ITEMS || tier < 0 || tier > 3) {
            throw Problem.badRequest(
                    "From 1 to " + MOST_ITEMS + " items of each skill, at level 1, 2 or 3, or 0 for all.");
        }
        if (skills.size() * count > MOST_IN_ALL) {
            throw Problem.badRequest("A package has at most 2,000 items: take fewer skills, or fewer items of each.");
        }
        return skills.stream().map(skill -> section(skill, count, tier)).toList();
    }

    private List<Skill> skills(List<String> ids) {
        if (ids.isEmpty() || ids.size() > MOST_SKILLS) {
            throw Problem.badRequest("Choose from 1 to " + MOST_SKILLS + " skills.");
        }
        return ids.stream()
                .map(id -> source.find(id).orElseThrow(() -> Problem.notFound("There is no skill “" + id + "”.")))
                .toList();
    }

    private static Section section(Skill skill, int count, int tier) {
        List<Item> items = IntStream.range(0, count)
                .mapToObj(i -> skill.makeOpen(tier == 0 ? i % 3 + 1 : tier, 1 + i))
                .toList();
        return new Section(skill.id(), skill.name(), items);
    }
}
