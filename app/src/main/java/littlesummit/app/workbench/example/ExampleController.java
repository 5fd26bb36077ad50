package littlesummit.app.workbench.example;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import littlesummit.app.own.OwnDraft;
import littlesummit.app.own.OwnSkills;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.web.Problem;
import littlesummit.app.web.RequestKey;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Begins a skill with items that an instructor types as they are. */
@RestController
@RequestMapping("/api/workbench/example")
class ExampleController {
    private final OwnSkills own;

    ExampleController(OwnSkills own) {
        this.own = own;
    }

    /** @param answer to the item, with its numbers */
    record TypedItem(
            @NotNull(message = "The item is missing.")
            @Size(max = 1000, message = "An item may have at most 1,000 characters.")
            String text,

            @NotNull(message = "The answer is missing.")
            @Size(max = 40, message = "An answer may have at most 40 characters.")
            String answer) {}

    /** @param levels the item of the first level, and of more */
    record TypedSkill(
            @NotNull(message = "The name is missing.")
            @Size(min = 1, max = 80, message = "A name has 1 to 80 characters.")
            String name,

            @NotNull(message = "The items are missing.")
            @Size(min = 1, max = 3, message = "A skill has one to three levels.")
            List<@Valid Level> levels) {}

    /** What could vary in an item, and which formulas lead to its answer. */
    @PostMapping("/look")
    ExampleLook look(@AuthenticationPrincipal Person person, @Valid @RequestBody TypedItem item) {
        Instructors.only(person);
        return ExampleLook.of(
                ExampleVariant.read(item.text()),
                ExampleFormula.number(item.answer())
                        .orElseThrow(() -> Problem.badRequest("Type the answer as a number, such as 7 or 2.50.")));
    }

    @PostMapping
    OwnDraft begin(
            @AuthenticationPrincipal Person person,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody TypedSkill skill) {
        Instructors.only(person);
        if (skill.name().isBlank()) {
            throw Problem.badRequest("The skill needs a name.");
        }
        String text = ExampleDocument.of(skill.name(), skill.levels());
        return own.begin(person, RequestKey.idOf(person.id(), RequestKey.valid(key)), text);
    }
}
