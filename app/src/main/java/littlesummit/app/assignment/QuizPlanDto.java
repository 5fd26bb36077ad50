package littlesummit.app.assignment;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import littlesummit.core.quiz.PointsScheme;
import littlesummit.core.quiz.QuizPlan;

/** What a quiz consists of, as it is kept and sent; see {@link QuizPlan} for units and limits. */
public record QuizPlanDto(
        List<ShareDto> shares,
        int minutes,
        int rounds,
        int target,
        PointsSchemeDto points,

        @NotNull(message = "Say where the calculator is allowed.")
        CalculatorDto calculator,

        boolean workRequired) {
    /** @param items of the skill in each round */
    public record ShareDto(String skill, int items) {}

    /** @param weight points for each tenth of the best round */
    public record PointsSchemeDto(List<StepDto> steps, int weight) {}

    /** @param to the last round that earns it, {@code from} the first; counted from 1 */
    public record StepDto(int from, int to, int points) {}

    public static QuizPlanDto of(QuizPlan plan) {
        return new QuizPlanDto(
                plan.shares().stream()
                        .map(share -> new ShareDto(share.skill(), share.items()))
                        .toList(),
                plan.minutes(),
                plan.rounds(),
                plan.target(),
                new PointsSchemeDto(
                        plan.points().steps().stream()
                                .map(step -> new StepDto(step.from(), step.to(), step.points()))
                                .toList(),
                        plan.points().weight()),
                CalculatorDto.of(plan.calculator()),
                plan.workRequired());
    }

    public QuizPlan toCore() {
        return new QuizPlan(
                shares.stream()
                        .map(share -> new QuizPlan.Share(share.skill, share.items))
                        .toList(),
                minutes,
                rounds,
                target,
                new PointsScheme(
                        points.steps.stream()
                                .map(step -> new PointsScheme.Step(step.from, step.to, step.points))
                                .toList(),
                        points.weight),
                calculator.toCore(),
                workRequired);
    }
}
