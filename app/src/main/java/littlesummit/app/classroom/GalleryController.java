package littlesummit.app.classroom;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import littlesummit.app.own.ClassCourses;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.practice.ItemViews;
import littlesummit.app.practice.PracticeView;
import littlesummit.app.web.Problem;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Skill;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Every skill and lesson, tier and seed to open and try, to look at; nothing is counted. For instructors. */
@RestController
@RequestMapping("/api/gallery")
class GalleryController {
    private final ItemSource catalogue;
    private final ClassCourses courses;

    GalleryController(ItemSource catalogue, ClassCourses courses) {
        this.catalogue = catalogue;
        this.courses = courses;
    }

    record GallerySkill(String id, String name, String strand, List<String> prerequisites) {}

    record Shown(PracticeView.ItemView item) {}

    record Trial(
            int part,

            @NotNull(message = "The entries are missing.") @Size(max = 40, message = "Too many entries.")
            Map<String, @Size(max = 500, message = "An entry may have at most 500 characters.") String> entries) {}

    record Tried(List<PracticeView.FeedbackView> feedback) {}

    @GetMapping
    List<GallerySkill> all(@AuthenticationPrincipal Person person) {
        Instructors.only(person);
        Stream<GallerySkill> skills = courses.of(person.classId()).skills().stream()
                .map(s -> new GallerySkill(s.id(), s.name(), s.strand().title(), s.prerequisites()));
        Stream<GallerySkill> lessons = catalogue.lessons().stream()
                .map(l -> new GallerySkill(l.id(), l.name(), "Lessons", List.of(l.teaches())));
        return Stream.concat(skills, lessons).toList();
    }

    @GetMapping("/{skillId}/{tier}/{seed}")
    Shown show(
            @AuthenticationPrincipal Person person,
            @PathVariable String skillId,
            @PathVariable int tier,
            @PathVariable long seed) {
        Instructors.only(person);
        return new Shown(ItemViews.open(item(skillId, tier, seed)));
    }

    @PostMapping("/{skillId}/{tier}/{seed}")
    Tried check(
            @AuthenticationPrincipal Person person,
            @PathVariable String skillId,
            @PathVariable int tier,
            @PathVariable long seed,
            @Valid @RequestBody Trial trial) {
        Instructors.only(person);
        Item item = item(skillId, tier, seed);
        if (trial.part() < 0 || trial.part() >= item.parts().size()) {
            throw Problem.badRequest("This item has no such part.");
        }
        Part part = item.parts().get(trial.part());
        return new Tried(ItemViews.feedback(PartCheck.of(part, trial.entries())));
    }

    private Item item(String skillId, int tier, long seed) {
        Skill skill = catalogue
                .find(skillId)
                .or(() -> catalogue.lesson(skillId))
                .orElseThrow(() -> Problem.notFound("There is no such skill."));
        if (tier < 1 || tier > 3) {
            throw Problem.badRequest("There are three levels.");
        }
        return skill.make(tier, seed);
    }
}
