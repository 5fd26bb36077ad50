package littlesummit.app.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import littlesummit.app.own.ClassCourses;
import littlesummit.app.served.Dealer;
import littlesummit.app.web.Problem;
import littlesummit.core.item.Item;
import littlesummit.core.quiz.QuizPlan;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Skill;
import littlesummit.core.skill.Variety;
import org.springframework.stereotype.Component;

/** Draws the items of a copy: no two alike, in words that change, and nothing that only a screen can do. */
@Component
class SheetMaker {
    /** Items that one is chosen from, so that the words change. */
    private static final int DRAWN = 8;

    private final ItemSource catalogue;
    private final ClassCourses courses;
    private final Dealer dealer;

    SheetMaker(ItemSource catalogue, Dealer dealer, ClassCourses courses) {
        this.courses = courses;
        this.dealer = dealer;
        this.catalogue = catalogue;
    }

    /** @throws Problem for a skill that there is not, or more items than a sheet has */
    void requireFit(String classId, NewSheet wanted) {
        if (wanted.shares().stream().mapToInt(NewSheet.SheetShare::items).sum() > NewSheet.MOST_ITEMS) {
            throw Problem.badRequest("A sheet has at most " + NewSheet.MOST_ITEMS + " items. Take some away.");
        }
        if (wanted.shares().stream()
                .anyMatch(share -> courses.of(classId).find(share.skillId()).isEmpty())) {
            throw Problem.badRequest("There is no such skill.");
        }
    }

    List<Item> items(NewSheet wanted) {
        List<Item> items = new ArrayList<>();
        Set<String> there = new HashSet<>();
        for (NewSheet.SheetShare share : wanted.shares()) {
            Map<String, Long> met = new HashMap<>();
            Skill skill = catalogue.require(share.skillId());
            for (int place = 0; place < share.items(); place++) {
                int tier = share.level() == 0 ? QuizPlan.tier(place, share.items()) : share.level();
                Item item = another(skill, tier, met, there);
                met.merge(item.ref().variant(), 1L, Long::sum);
                there.add(item.fingerprint());
                items.add(item);
            }
        }
        return items;
    }

    /** One that the sheet does not have yet, while there are such. */
    private Item another(Skill skill, int tier, Map<String, Long> met, Set<String> there) {
        List<Item> drawn = Stream.generate(() -> dealer.deal(seed -> skill.makeOpen(tier, seed)))
                .limit(DRAWN)
                .toList();
        return Variety.leastMetFirst(drawn, met).stream()
                .filter(item -> !there.contains(item.fingerprint()))
                .findFirst()
                .orElse(drawn.getFirst());
    }
}
