package littlesummit.app.exchange.qti;

import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.app.content.ItemFile;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.web.Download;
import littlesummit.app.web.Problem;
import littlesummit.core.item.Item;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Skill;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Items for other programs. They hold the answers: for instructors alone. */
@RestController
class QtiController {
    private static final int MOST_SKILLS = 300;
    private static final int MOST_ITEMS = 50;
    /** In one package: what a program that reads it can still take in. */
    private static final int MOST_IN_ALL = 2000;

    private final ItemSource source;
    private final ItemFile file;

    QtiController(ItemSource source, ItemFile file) {
        this.source = source;
        this.file = file;
    }

    /**
     * A content package of QTI 3.0.
     *
     * @param skill ids, each once
     * @param count items of each skill, the levels in turn
     * @param tier 1 to 3 for one level alone, 0 for all
     */
    @GetMapping(path = "/api/exchange/items.zip", produces = "application/zip")
    ResponseEntity<byte[]> items(
            @AuthenticationPrincipal Person person,
            @RequestParam List<String> skill,
            @RequestParam(defaultValue = "6") int count,
            @RequestParam(defaultValue = "0") int tier,
            @RequestParam(defaultValue = "Items") String title) {
        Instructors.only(person);
        List<Skill> skills = skills(skill);
        if (count < 1 || count > MOST_ITEMS || tier < 0 || tier > 3) {
            throw Problem.badRequest(
                    "From 1 to " + MOST_ITEMS + " items of each skill, at level 1, 2 or 3, or 0 for all.");
        }
        if (skills.size() * count > MOST_IN_ALL) {
            throw Problem.badRequest("A package has at most 2,000 items: take fewer skills, or fewer items of each.");
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        QtiPackage.write(
                out,
                title,
                skills.stream().map(one -> section(one, count, tier)).toList(),
                file::write);
        return Download.of("items.zip", "application/zip", out.toByteArray());
    }

    private List<Skill> skills(List<String> ids) {
        List<String> distinct = ids.stream().distinct().toList();
        if (distinct.isEmpty() || distinct.size() > MOST_SKILLS) {
            throw Problem.badRequest("Choose from 1 to " + MOST_SKILLS + " skills.");
        }
        return distinct.stream()
                .map(id -> source.find(id).orElseThrow(() -> Problem.notFound("There is no skill “" + id + "”.")))
                .toList();
    }

    private static QtiPackage.Section section(Skill skill, int count, int tier) {
        List<Item> items = IntStream.range(0, count)
                .mapToObj(i -> skill.makeOpen(tier == 0 ? i % 3 + 1 : tier, 1 + i))
                .toList();
        return new QtiPackage.Section(skill.id(), skill.name(), items);
    }
}
