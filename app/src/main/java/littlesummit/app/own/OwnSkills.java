package littlesummit.app.own;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import littlesummit.app.content.WholeItem;
import littlesummit.app.people.Person;
import littlesummit.app.web.Problem;
import littlesummit.app.web.Tag;
import littlesummit.content.template.Templates;
import littlesummit.core.template.Complaint;
import littlesummit.core.template.Template;
import littlesummit.core.template.TemplateReading;
import littlesummit.core.template.TemplateSkill;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Skills that instructors write for their class: drafts, their versions, and what is in use. */
@Service
public class OwnSkills {
    private static final int MOST_OF_A_CLASS = 200;
    private static final int LONGEST_NAME = 100;
    private static final String UNNAMED = "A skill without a name";
    private static final String NONE = "There is no such skill in this class.";

    private final OwnSkillRepository skills;
    private final OwnVersionRepository versions;
    private final OwnShelf shelf;
    private final Clock clock;

    OwnSkills(OwnSkillRepository skills, OwnVersionRepository versions, OwnShelf shelf, Clock clock) {
        this.skills = skills;
        this.versions = versions;
        this.shelf = shelf;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<OwnRow> of(Person instructor) {
        return skills.findByClassIdOrderByChangedAtDesc(instructor.classId()).stream()
                .map(OwnSkills::row)
                .toList();
    }

    private static OwnRow row(OwnSkillEntity skill) {
        return new OwnRow(skill.id(), skill.name(), state(skill), skill.version(), skill.changedAt());
    }

    private static DraftState state(OwnSkillEntity skill) {
        if (skill.isWithdrawn()) {
            return DraftState.WITHDRAWN;
        }
        return skill.version() == 0
                ? skill.isProved() ? DraftState.PROVED : DraftState.DRAFT
                : skill.isInUse() ? DraftState.IN_USE : DraftState.CHANGED;
    }

    /**
     * Begins a skill. The same request made twice begins one.
     *
     * @param text to begin with
     */
    @Transactional
    public OwnDraft begin(Person instructor, String requestId, String text) {
        String id = OwnItems.PREFIX + requestId;
        if (skills.findById(id).isEmpty()) {
            if (skills.countByClassId(instructor.classId()) >= MOST_OF_A_CLASS) {
                throw Problem.conflict("A class has at most " + MOST_OF_A_CLASS + " skills of its own.");
            }
            skills.save(new OwnSkillEntity(
                    id, instructor.classId(), instructor.id(), name(text, UNNAMED), text, clock.instant()));
        }
        return draft(instructor, id);
    }

    @Transactional(readOnly = true, noRollbackFor = Problem.class)
    public OwnDraft draft(Person instructor, String id) {
        return draft(require(instructor, id));
    }

    private static OwnDraft draft(OwnSkillEntity skill) {
        return new OwnDraft(
                skill.id(),
                skill.name(),
                skill.draft(),
                Tag.of(skill.draft()).value(),
                state(skill),
                skill.version(),
                faults(skill.draft()));
    }

    /** What a text says, with items that stand whole in it. */
    public static TemplateReading document(String text) {
        return Templates.read(text, WholeItem::read);
    }

    /** Why a text cannot be read; empty when it can. */
    public static List<Fault> faults(String text) {
        return switch (document(text)) {
            case TemplateReading.Understood u -> List.of();
            case TemplateReading.Wrong(List<Complaint> complaints) ->
                complaints.stream().map(Fault::of).toList();
        };
    }

    /** @param builtOn tag of the text that was changed */
    @Transactional(noRollbackFor = Problem.class)
    public OwnDraft write(Person instructor, String id, Optional<String> builtOn, String text) {
        OwnSkillEntity skill = require(instructor, id);
        Tag.of(skill.draft()).require(builtOn, Tag.of(text), draft(skill));
        skill.write(text, name(text, skill.name()), clock.instant());
        return draft(skills.save(skill));
    }

    /** The name in the document; as it was where it cannot be read. */
    private static String name(String text, String otherwise) {
        String name = document(text) instanceof TemplateReading.Understood(Template template)
                ? template.name().strip()
                : otherwise;
        return name.isEmpty() ? otherwise : name.substring(0, Math.min(LONGEST_NAME, name.length()));
    }

    /** Notes that everything holds for a text, where it is still the text of the draft. */
    @Transactional
    public void proved(String id, String digest) {
        skills.findById(id).ifPresent(skill -> {
            skill.prove(digest);
            skills.save(skill);
        });
    }

    /** The draft becomes the version that the class gets from now on. */
    @Transactional(noRollbackFor = Problem.class)
    public OwnDraft use(Person instructor, String id) {
        OwnSkillEntity skill = require(instructor, id);
        if (!skill.isProved()) {
            throw Problem.conflict("Not everything holds for this skill as it is now. Look at all its items first.");
        }
        if (!skill.isInUse()) {
            int version = skill.use();
            versions.save(new OwnVersionEntity(id, version, skill.draft(), clock.instant()));
        } else {
            skill.takeUp();
        }
        skills.save(skill);
        changed(skill);
        return draft(skill);
    }

    /** Nobody gets it any more but who has it assigned. */
    @Transactional(noRollbackFor = Problem.class)
    public OwnDraft withdraw(Person instructor, String id) {
        OwnSkillEntity skill = require(instructor, id);
        skill.withdraw();
        changed(skill);
        return draft(skills.save(skill));
    }

    /** Only what was never in use: what students have met stays readable. */
    @Transactional(noRollbackFor = Problem.class)
    public void delete(Person instructor, String id) {
        OwnSkillEntity skill = require(instructor, id);
        if (skill.version() > 0) {
            throw Problem.conflict("This skill was in use. Take it out of use instead; what was done with it stays.");
        }
        skills.delete(skill);
    }

    private void changed(OwnSkillEntity skill) {
        shelf.forget(skill.id(), skill.classId());
    }

    /** The text as it is now, for its author. */
    @Transactional(readOnly = true, noRollbackFor = Problem.class)
    public String text(Person instructor, String id) {
        return require(instructor, id).draft();
    }

    private OwnSkillEntity require(Person instructor, String id) {
        return skills.findById(id)
                .filter(skill -> skill.classId().equals(instructor.classId()))
                .orElseThrow(() -> Problem.notFound(NONE));
    }

    /** The skill of a document under the id that it has here; empty where it cannot be read. */
    public static Optional<TemplateSkill> read(String id, int version, String document) {
        return switch (document(document)) {
            case TemplateReading.Understood(var template) -> Optional.of(new TemplateSkill(template.as(id, version)));
            case TemplateReading.Wrong w -> Optional.empty();
        };
    }
}
