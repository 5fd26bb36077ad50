package littlesummit.core.proof;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import littlesummit.core.skill.Skill;
import littlesummit.core.template.Complaint;
import littlesummit.core.template.TemplateSkill;
import littlesummit.core.template.TemplateSpace;

/** Looks at the items of a skill: at all of them where there are at most 50,000, else at 10,000. */
public final class Prover {
    private static final int SAMPLE = 10_000;
    /** All items are looked at where there are at most so many times as many as would be drawn. */
    private static final int WHOLE = 5;

    private static final int MOST_COMPLAINTS = 20;

    private Prover() {}

    /** @param progress is told now and then, and may end it */
    public static Proof prove(Skill skill, Proof.Progress progress) {
        return prove(skill, SAMPLE, progress);
    }

    /**
     * @param sample items to look at where there are too many for all
     * @param progress is told now and then, and may end it
     */
    public static Proof prove(Skill skill, int sample, Proof.Progress progress) {
        return skill instanceof TemplateSkill written
                ? proveTemplate(written, sample, progress)
                : proveCode(skill, sample, progress);
    }

    private static List<Law> laws(Set<Integer> fixed, boolean isWhole) {
        return List.of(
                new KeyLaw(),
                new OptionLaw(),
                new WordsLaw(),
                new HelpLaw(),
                new WorkedLaw(),
                new VarietyLaw(fixed, isWhole),
                new ReadLaw(),
                new NaiveLaw(),
                new LooksLaw(),
                new WordsOfOptionsLaw());
    }

    /** What is seen on the way. */
    private static final class Watch implements TemplateSpace.Visitor {
        private static final int TELL_EVERY = 200;
        private final List<Law> laws;
        private final Map<Complaint, Integer> complaints = new LinkedHashMap<>();
        private final Proof.Progress progress;
        private final long of;
        private long seen;

        private Watch(Set<Integer> fixed, boolean isWhole, Proof.Progress progress, long of) {
            this.laws = laws(fixed, isWhole);
            this.progress = progress;
            this.of = of;
        }

        @Override
        public boolean item(TemplateSpace.One one) {
            seen++;
            laws.forEach(law -> law.see(one.item(), one.naive()));
            return seen % TELL_EVERY != 0 || progress.at(seen, of);
        }

        @Override
        public void unmade(Complaint complaint) {
            if (complaints.size() < MOST_COMPLAINTS || complaints.containsKey(complaint)) {
                complaints.merge(complaint, 1, Integer::sum);
            }
        }

        private Proof proof(double possible) {
            progress.at(seen, seen);
            List<Finding> findings = new ArrayList<>();
            laws.forEach(law -> findings.addAll(law.findings()));
            return new Proof(seen, possible, List.copyOf(complaints.keySet()), findings);
        }
    }

    private static Proof proveTemplate(TemplateSkill skill, int sample, Proof.Progress progress) {
        TemplateSpace space = new TemplateSpace(skill.template());
        TemplateSpace.Size size = space.size((long) WHOLE * sample);
        boolean isWhole = size.whole();
        Set<Integer> fixed = skill.template().fixedTiers();
        Watch watch = new Watch(fixed, isWhole, progress, isWhole ? Math.round(size.possible()) : sample);
        if (isWhole) {
            space.all(watch);
            return watch.proof(watch.seen);
        }
        space.sample(sample, watch);
        return watch.proof(size.possible());
    }

    private static Proof proveCode(Skill skill, int sample, Proof.Progress progress) {
        Watch watch = new Watch(Set.of(), false, progress, sample);
        for (int tier = 1; tier <= 3; tier++) {
            for (long seed = 0; seed < sample / 3; seed++) {
                if (!watch.item(new TemplateSpace.One(skill.make(tier, seed), Map.of()))) {
                    return watch.proof(Double.POSITIVE_INFINITY);
                }
            }
        }
        return watch.proof(Double.POSITIVE_INFINITY);
    }
}
