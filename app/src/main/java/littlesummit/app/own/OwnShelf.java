package littlesummit.app.own;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import littlesummit.core.template.TemplateSkill;
import org.springframework.stereotype.Component;

/**
 * The skills of classes in the version that is in use. What was read is kept for a moment, since it is asked with every
 * answer; a version that was just put to use is there at once.
 */
@Component
class OwnShelf {
    private static final Duration KEPT = Duration.ofSeconds(10);
    private static final int MOST = 2_000;

    private final OwnSkillRepository skills;
    private final OwnVersionRepository versions;
    private final LoadingCache<String, Optional<TemplateSkill>> byId =
            Caffeine.newBuilder().expireAfterWrite(KEPT).maximumSize(MOST).build(this::read);
    private final LoadingCache<String, List<String>> ofClass =
            Caffeine.newBuilder().expireAfterWrite(KEPT).maximumSize(MOST).build(this::idsOf);

    OwnShelf(OwnSkillRepository skills, OwnVersionRepository versions) {
        this.skills = skills;
        this.versions = versions;
    }

    /** Also one that was withdrawn: what was assigned with it goes on. */
    Optional<TemplateSkill> find(String id) {
        return byId.get(id);
    }

    /** Those in use in a class. */
    List<TemplateSkill> of(String classId) {
        return ofClass.get(classId).stream().flatMap(id -> find(id).stream()).toList();
    }

    /** Something has changed. */
    void forget(String id, String classId) {
        byId.invalidate(id);
        ofClass.invalidate(classId);
    }

    private List<String> idsOf(String classId) {
        return skills.findByClassIdAndVersionGreaterThanAndWithdrawnFalseOrderById(classId, 0).stream()
                .map(OwnSkillEntity::id)
                .toList();
    }

    private Optional<TemplateSkill> read(String id) {
        return skills.findById(id).filter(skill -> skill.version() > 0).flatMap(skill -> versions.findById(
                        new OwnVersionEntity.Key(id, skill.version()))
                .flatMap(version -> OwnSkills.read(id, skill.version(), version.document())));
    }
}
