package littlesummit.app.practice;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.practice.PracticeView.Point;
import littlesummit.app.served.ServedItem;
import littlesummit.core.item.Part;
import littlesummit.core.practice.Explain;
import littlesummit.core.practice.Forecast;
import littlesummit.core.practice.SkillState;
import littlesummit.core.practice.Step;
import littlesummit.core.practice.Target;
import littlesummit.core.skill.Catalogue;

/** Makes what the practice screen shows out of the state. */
final class PracticeViews {
    private PracticeViews() {}

    static PracticeView of(Assignment assignment, String skillId, SkillState state, ServedItem served) {
        int target = assignment.target() instanceof Target.Score(int score) ? score : 100;
        return new PracticeView(assignment.id(), assignment.title(), assignment.due(), skillId, Catalogue.require(skillId).name(),
                state.score(), target, state.reached(), state.history().stream().map(PracticeViews::point).toList(),
                Forecast.of(state), Explain.policy(state.policy()), seconds(state.history()), ItemViews.item(state, served));
    }

    private static Point point(Step step) {
        return new Point(step.after(), step.after() - step.before(), step.outcome().name(), step.regained(), Explain.step(step));
    }

    /** Time between closed items; a pause of more than ten minutes is not work. */
    private static long seconds(List<Step> history) {
        long sum = 0;
        for (int i = 1; i < history.size(); i++) {
            Duration gap = Duration.between(history.get(i - 1).at(), history.get(i).at());
            sum += gap.compareTo(Duration.ofMinutes(10)) < 0 ? gap.toSeconds() : 0;
        }
        return sum;
    }

    static Map<String, String> trimmed(Part part, Map<String, String> entries) {
        Map<String, String> kept = new java.util.TreeMap<>();
        part.fields().forEach(f -> kept.put(f.id(), entries.getOrDefault(f.id(), "")));
        return kept;
    }
}
