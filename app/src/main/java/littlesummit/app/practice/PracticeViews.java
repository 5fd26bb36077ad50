package littlesummit.app.practice;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.practice.PracticeView.LessonStep;
import littlesummit.app.practice.PracticeView.Measure;
import littlesummit.app.practice.PracticeView.Point;
import littlesummit.app.practice.PracticeView.TargetView;
import littlesummit.app.served.ServedItem;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.practice.ActiveTime;
import littlesummit.core.practice.Explain;
import littlesummit.core.practice.Forecast;
import littlesummit.core.practice.LessonStage;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.SkillState;
import littlesummit.core.practice.Standing;
import littlesummit.core.practice.Step;
import littlesummit.core.practice.Target;
import littlesummit.core.skill.Skill;

/** Makes what the practice screen shows out of the state. */
final class PracticeViews {
    private PracticeViews() {}

    static PracticeView of(
            Assignment assignment,
            Skill skill,
            SkillState state,
            ServedItem served,
            Optional<Item> example,
            PracticeView.Around around,
            Instant now) {
        return new PracticeView(
                assignment.id(),
                assignment.title(),
                assignment.due(),
                assignment.isPast(now),
                skill.id(),
                skill.name(),
                target(state),
                state.history().stream()
                        .map(step -> point(state.target(), step))
                        .toList(),
                ForecastDto.of(Forecast.of(state)),
                Explain.policy(state.policyHere(), state.target()),
                state.policyHere().lineCheck() != Policy.LineCheck.NEVER,
                state.policy().work() == Policy.Work.REQUIRED,
                ActiveTime.of(state.history().stream().map(Step::at).toList()).toSeconds(),
                around,
                ItemViews.item(state, served, example));
    }

    private static TargetView target(SkillState state) {
        String says = Explain.target(state.target());
        int flag = state.target().flag();
        int sure = state.sureMeasure();
        int hoped = state.measure();
        int waiting = state.waiting();
        return switch (state.standing()) {
            case Standing.Scored s ->
                new TargetView(
                        Measure.SCORE,
                        says,
                        sure,
                        hoped,
                        waiting,
                        state.reachedWaiting(),
                        flag,
                        state.reached(),
                        0,
                        0,
                        List.of(),
                        -1,
                        List.of());
            case Standing.Running(int steps, int inRow) ->
                new TargetView(
                        Measure.RUN,
                        says,
                        sure,
                        hoped,
                        waiting,
                        state.reachedWaiting(),
                        flag,
                        state.reached(),
                        inRow,
                        state.target() instanceof Target.Run run ? run.inRow() : 0,
                        List.of(),
                        -1,
                        List.of());
            case Standing.FixedSet(var slots, int at) ->
                new TargetView(
                        Measure.SET,
                        says,
                        sure,
                        hoped,
                        waiting,
                        state.reachedWaiting(),
                        flag,
                        state.reached(),
                        0,
                        0,
                        slots.stream()
                                .map(slot -> PracticeView.Mark.of(slot.mark()))
                                .toList(),
                        at,
                        steps(state));
        };
    }

    private static List<LessonStep> steps(SkillState state) {
        return state.target() instanceof Target.Lesson
                ? IntStream.range(0, LessonStage.PLACES.size())
                        .mapToObj(place -> new LessonStep(LessonStage.name(place), LessonStage.begins(place)))
                        .toList()
                : List.of();
    }

    private static Point point(Target target, Step step) {
        return new Point(
                step.after(),
                step.after() - step.before(),
                step.outcome().name(),
                step.isWaiting(),
                step.regained(),
                Explain.step(target, step));
    }

    static Map<String, String> trimmed(Part part, Map<String, String> entries) {
        Map<String, String> kept = new java.util.TreeMap<>();
        part.fields().forEach(f -> kept.put(f.id(), entries.getOrDefault(f.id(), "")));
        return kept;
    }
}
