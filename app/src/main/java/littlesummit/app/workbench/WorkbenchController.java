package littlesummit.app.workbench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.app.exchange.qti.in.QtiImport;
import littlesummit.app.own.Fault;
import littlesummit.app.own.OwnDraft;
import littlesummit.app.own.OwnSkills;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.practice.ItemViews;
import littlesummit.app.web.Download;
import littlesummit.app.web.Problem;
import littlesummit.app.web.RequestKey;
import littlesummit.app.web.Tag;
import littlesummit.content.template.Templates;
import littlesummit.core.item.Item;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.template.TemplateHelp;
import littlesummit.core.template.TemplateSkill;
import littlesummit.core.template.Unmade;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Where instructors write skills of their own. */
@RestController
@RequestMapping("/api/workbench")
class WorkbenchController {
    private static final int LONGEST = 200_000;
    private final OwnSkills own;
    private final Proofs proofs;

    WorkbenchController(OwnSkills own, Proofs proofs) {
        this.own = own;
        this.proofs = proofs;
    }

    /**
     * What to begin with: a copy of a skill that ships, a text of one's own, or, without either, a small example.
     *
     * @param source id of the skill
     */
    record Beginning(
            Optional<@Size(max = 60, message = "There is no such skill.") String> source,
            Optional<@Size(max = LONGEST, message = "A skill may have at most 200,000 characters.") String> text) {}

    record DraftText(
            @NotNull(message = "The text is missing.")
            @Size(max = LONGEST, message = "A skill may have at most 200,000 characters.")
            String text) {}

    record BenchTrial(
            int part,

            @NotNull(message = "The entries are missing.") @Size(max = 40, message = "Too many entries.")
            Map<String, @Size(max = 500, message = "An entry may have at most 500 characters.") String> entries) {}

    @GetMapping
    WorkbenchView.Bench shelf(@AuthenticationPrincipal Person person) {
        return new WorkbenchView.Bench(
                own.of(Instructors.only(person)),
                Templates.shipped().stream()
                        .map(skill -> new WorkbenchView.BenchSource(skill.id(), skill.name()))
                        .toList());
    }

    @PostMapping
    OwnDraft begin(
            @AuthenticationPrincipal Person person,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody Beginning beginning) {
        Instructors.only(person);
        String text = beginning
                .text()
                .or(() -> beginning.source().map(id -> Templates.document(id)
                        .orElseThrow(() -> Problem.notFound("This skill is not written as a template."))))
                .orElseGet(Templates::starter);
        return own.begin(person, RequestKey.idOf(person.id(), RequestKey.valid(key)), text);
    }

    /**
     * What a file would begin a skill with.
     *
     * @param items of a QTI file; none for the document of a skill, which is taken as it is
     */
    record FilePlan(List<QtiImport.PlannedItem> items) {}

    /** What a file would begin a skill with; nothing is written. */
    @PostMapping(path = "/from-file/plan", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    FilePlan plan(@AuthenticationPrincipal Person person, @RequestPart MultipartFile file) throws IOException {
        Instructors.only(person);
        byte[] bytes = file.getBytes();
        return new FilePlan(QtiImport.isOne(bytes) ? QtiImport.plan(bytes) : List.of());
    }

    /** Begins a skill with QTI items, or with the document of a skill, out of a file. */
    @PostMapping(path = "/from-file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    OwnDraft beginWithFile(
            @AuthenticationPrincipal Person person,
            @RequestHeader(RequestKey.HEADER) String key,
            @RequestPart MultipartFile file)
            throws IOException {
        Instructors.only(person);
        byte[] bytes = file.getBytes();
        String text = QtiImport.isOne(bytes) ? QtiImport.document(bytes) : new String(bytes, StandardCharsets.UTF_8);
        if (text.chars().anyMatch(c -> c < ' ' && "\n\r\t".indexOf(c) < 0 || c == '\uFFFD')) {
            throw Problem.badRequest("This file is no text. A skill is a document, or a QTI file or package.");
        }
        if (text.length() > LONGEST) {
            throw Problem.badRequest("A skill may have at most 200,000 characters.");
        }
        return own.begin(person, RequestKey.idOf(person.id(), RequestKey.valid(key)), text);
    }

    /** The language of documents, to look things up while one writes. */
    @GetMapping("/language")
    List<WorkbenchView.HelpTopic> language(@AuthenticationPrincipal Person person) {
        Instructors.only(person);
        return TemplateHelp.all().stream().map(WorkbenchView.HelpTopic::of).toList();
    }

    @GetMapping("/{id}")
    OwnDraft draft(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return own.draft(Instructors.only(person), id);
    }

    @PutMapping("/{id}")
    ResponseEntity<OwnDraft> write(
            @AuthenticationPrincipal Person person,
            @PathVariable String id,
            @RequestHeader(name = Tag.BUILT_ON, required = false) Optional<String> builtOn,
            @Valid @RequestBody DraftText written) {
        OwnDraft draft = own.write(Instructors.only(person), id, builtOn, written.text());
        return ResponseEntity.ok().eTag(draft.tag()).body(draft);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person person, @PathVariable String id) {
        own.delete(Instructors.only(person), id);
    }

    /** An item of the draft, or why there is none. */
    @GetMapping("/{id}/item/{tier}/{seed}")
    WorkbenchView.BenchItem item(
            @AuthenticationPrincipal Person person,
            @PathVariable String id,
            @PathVariable int tier,
            @PathVariable long seed) {
        String text = own.text(Instructors.only(person), id);
        try {
            return OwnSkills.read(id, 1, text)
                    .map(skill -> new WorkbenchView.BenchItem(
                            Optional.of(ItemViews.open(made(skill, tier, seed))), List.of()))
                    .orElseGet(() -> new WorkbenchView.BenchItem(Optional.empty(), OwnSkills.faults(text)));
        } catch (Unmade unmade) {
            return new WorkbenchView.BenchItem(Optional.empty(), List.of(Fault.of(unmade.complaint())));
        }
    }

    private static Item made(TemplateSkill skill, int tier, long seed) {
        if (tier < 1 || tier > 3) {
            throw Problem.badRequest("There are three levels.");
        }
        return skill.make(tier, seed);
    }

    /** What would be said to a student's entries. */
    @PostMapping("/{id}/item/{tier}/{seed}")
    WorkbenchView.BenchTried check(
            @AuthenticationPrincipal Person person,
            @PathVariable String id,
            @PathVariable int tier,
            @PathVariable long seed,
            @Valid @RequestBody BenchTrial trial) {
        String text = own.text(Instructors.only(person), id);
        try {
            Item item = made(
                    OwnSkills.read(id, 1, text)
                            .orElseThrow(() -> Problem.conflict("The skill cannot be read as it is now.")),
                    tier,
                    seed);
            if (trial.part() < 0 || trial.part() >= item.parts().size()) {
                throw Problem.badRequest("This item has no such part.");
            }
            return new WorkbenchView.BenchTried(
                    ItemViews.feedback(PartCheck.of(item.parts().get(trial.part()), trial.entries())));
        } catch (Unmade unmade) {
            throw Problem.conflict(unmade.complaint().sentence());
        }
    }

    /** Begins to look at all items. */
    @PostMapping("/{id}/proof")
    WorkbenchView.ProofView prove(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return proofs.start(id, own.text(Instructors.only(person), id));
    }

    @GetMapping("/{id}/proof")
    WorkbenchView.ProofView proof(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return proofs.of(id, own.text(Instructors.only(person), id));
    }

    @PostMapping("/{id}/use")
    OwnDraft use(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return own.use(Instructors.only(person), id);
    }

    @DeleteMapping("/{id}/use")
    OwnDraft withdraw(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return own.withdraw(Instructors.only(person), id);
    }

    /** The skill as a file, to keep or to give to a colleague. */
    @GetMapping("/{id}/file")
    ResponseEntity<String> file(@AuthenticationPrincipal Person person, @PathVariable String id) {
        OwnDraft draft = own.draft(Instructors.only(person), id);
        return Download.of(draft.id() + ".yaml", "application/yaml;charset=UTF-8", draft.text());
    }
}
