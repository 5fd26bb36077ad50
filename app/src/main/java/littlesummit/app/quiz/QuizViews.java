package littlesummit.app.quiz;

import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.practice.ItemViews;
import littlesummit.app.practice.PracticeView.ItemView;
import littlesummit.app.quiz.QuizView.PointsRow;
import littlesummit.app.quiz.QuizView.PointsView;
import littlesummit.app.quiz.QuizView.QuizSkill;
import littlesummit.app.quiz.QuizView.ResultItem;
import littlesummit.app.quiz.QuizView.RoundView;
import littlesummit.app.quiz.QuizView.Running;
import littlesummit.app.quiz.QuizView.RunningItem;
import littlesummit.app.served.ServedItem;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.practice.Policy;
import littlesummit.core.quiz.Points;
import littlesummit.core.quiz.QuizPlan;
import littlesummit.core.quiz.QuizState;
import littlesummit.core.quiz.Round;
import littlesummit.core.skill.ItemSource;

/** Makes what the quiz screen shows out of the state. */
final class QuizViews {
    private QuizViews() {}

    /** @param running of the open round, if there is one */
    static QuizView of(
            Assignment assignment,
            QuizState state,
            int extraPercent,
            List<String> opensAfter,
            Optional<Running> running,
            ItemSource catalogue) {
        QuizPlan plan = state.plan();
        return new QuizView(
                assignment.id(),
                assignment.title(),
                assignment.due(),
                PhaseDto.of(state.phase()),
                plan.shares().stream()
                        .map(s -> new QuizSkill(
                                s.skill(), catalogue.require(s.skill()).name(), s.items()))
                        .toList(),
                plan.items(),
                (int) time(plan, extraPercent).toMinutes(),
                extraPercent,
                plan.rounds(),
                plan.target(),
                percent(state.best()),
                state.isReached(),
                plan.workRequired(),
                rules(plan),
                points(state),
                state.rounds().stream()
                        .filter(r -> !r.isOpen())
                        .map(QuizViews::round)
                        .toList(),
                opensAfter,
                running);
    }

    static Duration time(QuizPlan plan, int extraPercent) {
        return Duration.ofSeconds(Math.ceilDiv(plan.minutes() * 60L * (100 + extraPercent), 100));
    }

    private static int percent(Rational share) {
        return share.times(Rational.of(100)).floor().intValueExact();
    }

    private static List<String> rules(QuizPlan plan) {
        List<String> rules = new ArrayList<>();
        rules.add("No hints, no examples and no checking before the round ends.");
        rules.add("Right in value but not in the form asked counts half.");
        rules.add(
                switch (plan.calculator()) {
                    case NEVER -> "No calculator.";
                    case AS_ITEM -> "The calculator is there on items that allow it.";
                    case ALWAYS -> "The calculator is allowed.";
                });
        rules.add(
                plan.workRequired()
                        ? "Show your work for every item: it is handed in with the round and read."
                        : "Work is yours alone; the page is there for it.");
        rules.add("Everything is saved as you go. You can leave and come back, but the time runs on.");
        rules.add("When the time is over, what is saved counts.");
        return rules;
    }

    static PointsView points(QuizState state) {
        Points points = Points.of(state);
        return new PointsView(
                points.rows().stream()
                        .map(r -> new PointsRow(r.what(), text(r.have()), r.most(), r.isFull(), r.adds()))
                        .toList(),
                text(points.have()),
                points.most());
    }

    private static String text(Rational points) {
        return points.isInteger()
                ? points.toString()
                : new java.math.BigDecimal(points.num())
                        .divide(new java.math.BigDecimal(points.den()), 1, RoundingMode.HALF_UP)
                        .toString();
    }

    private static RoundView round(Round round) {
        return new RoundView(
                round.number(),
                round.percent(),
                round.slots().stream()
                        .map(s -> QuizView.Mark.of(s.mark().orElseThrow()))
                        .toList(),
                (int) round.slots().stream()
                        .filter(s -> s.wantsNote() && s.note().isEmpty())
                        .count());
    }

    /**
     * @param served in the order of the round
     * @param worked ids of items with something on their page
     */
    static Running running(QuizState state, Round round, List<ServedItem> served, Set<String> worked, Instant now) {
        List<RunningItem> items = new ArrayList<>();
        for (int i = 0; i < served.size(); i++) {
            Round.Slot slot = round.slots().get(i);
            items.add(new RunningItem(
                    i,
                    slot.flagged(),
                    isWhole(slot, served.get(i)),
                    worked.contains(slot.itemId()),
                    item(state, slot, served.get(i), i)));
        }
        return new Running(
                round.number(),
                Math.max(0, Duration.between(state.timeAt(now), round.endsAt()).toSeconds()),
                Duration.between(round.startedAt(), round.endsAt()).toSeconds(),
                items);
    }

    /** Whether something stands in every field of every part: half an answer is not counted as one. */
    private static boolean isWhole(Round.Slot slot, ServedItem served) {
        List<Part> parts = served.item().parts();
        return IntStream.range(0, parts.size()).allMatch(p -> parts.get(p).fields().stream()
                .noneMatch(f -> slot.of(p).getOrDefault(f.id(), "").isBlank()));
    }

    static ItemView item(QuizState state, Round.Slot slot, ServedItem served, int place) {
        return ItemViews.inQuiz(
                served,
                place + 1,
                allowsCalculator(state.plan().calculator(), served),
                slot.entries(),
                slot.mark().map(Enum::name));
    }

    private static boolean allowsCalculator(Policy.Calculator calculator, ServedItem served) {
        return switch (calculator) {
            case NEVER -> false;
            case AS_ITEM -> served.item().calculator();
            case ALWAYS -> true;
        };
    }

    /** @param worked ids of items with something on their page */
    static QuizView.RoundResult result(QuizState state, Round round, List<ServedItem> served, Set<String> worked) {
        List<ResultItem> items = new ArrayList<>();
        for (int i = 0; i < served.size(); i++) {
            Round.Slot slot = round.slots().get(i);
            items.add(new ResultItem(
                    i,
                    QuizView.Mark.of(slot.mark().orElseThrow()),
                    slot.wantsNote(),
                    slot.note(),
                    worked.contains(slot.itemId()),
                    item(state, slot, served.get(i), i)));
        }
        return new QuizView.RoundResult(
                round.number(), round.percent(), state.plan().rounds(), PhaseDto.of(state.phase()), items);
    }
}
