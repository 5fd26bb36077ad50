package littlesummit.app.practice;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.practice.PracticeView.AnswerView;
import littlesummit.app.practice.PracticeView.ExampleView;
import littlesummit.app.practice.PracticeView.FeedbackView;
import littlesummit.app.practice.PracticeView.FieldView;
import littlesummit.app.practice.PracticeView.ItemView;
import littlesummit.app.practice.PracticeView.PartView;
import littlesummit.app.practice.PracticeView.Point;
import littlesummit.app.practice.PracticeView.SolutionView;
import littlesummit.app.served.ServedItem;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Reader;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.practice.Explain;
import littlesummit.core.practice.Forecast;
import littlesummit.core.practice.ItemState;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.practice.PartState;
import littlesummit.core.practice.SkillState;
import littlesummit.core.practice.Step;
import littlesummit.core.practice.Target;
import littlesummit.core.skill.Catalogue;

/** Makes what the practice screen shows out of the state; the one place that decides what may leave the server. */
final class PracticeViews {
    private PracticeViews() {}

    static PracticeView of(Assignment assignment, String skillId, SkillState state, ServedItem served) {
        int target = assignment.target() instanceof Target.Score(int score) ? score : 100;
        return new PracticeView(assignment.id(), assignment.title(), assignment.due(), skillId, Catalogue.require(skillId).name(),
                state.score(), target, state.reached(), state.history().stream().map(PracticeViews::point).toList(),
                Forecast.of(state), Explain.policy(state.policy()), seconds(state.history()), item(state, served));
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

    private static ItemView item(SkillState state, ServedItem served) {
        Item item = Catalogue.make(served.ref());
        ItemState now = state.current().orElseThrow();
        int current = now.isClosed() ? item.parts().size() : now.currentPart();
        List<PartView> parts = new java.util.ArrayList<>();
        for (int i = 0; i < item.parts().size() && (i <= current || now.isClosed()); i++) {
            parts.add(part(item.parts().get(i), now.parts().get(i), now.isClosed()));
        }
        Optional<SolutionView> solution = now.isClosed() ? Optional.of(new SolutionView(item.worked(), item.second())) : Optional.empty();
        return new ItemView(served.id(), served.number(), Explain.ground(served.ref().tier()), now.similar(), item.stem(), parts,
                current, item.calculator(), state.policy().hints(), state.policy().example(), example(now, served),
                now.outcome().map(Enum::name), solution, state.offersSimilar(), served.draft(), letters(item));
    }

    private static Optional<ExampleView> example(ItemState now, ServedItem served) {
        if (!now.exampleOpened()) {
            return Optional.empty();
        }
        Item example = Catalogue.make(served.example());
        return Optional.of(new ExampleView(example.stem(), example.worked()));
    }

    private static List<String> letters(Item item) {
        return item.parts().stream().flatMap(p -> p.fields().stream()).flatMap(f -> f.answer().letters().stream())
                .distinct().sorted().toList();
    }

    private static PartView part(Part part, PartState state, boolean itemClosed) {
        boolean closed = itemClosed || !state.isOpen();
        return new PartView(part.prompt(), part.layout(), part.fields().stream().map(PracticeViews::field).toList(), state.allowed(),
                state.left(), part.hints().subList(0, Math.min(state.hints(), part.hints().size())), part.hints().size(),
                itemClosed && state.isOpen() ? PartState.Status.MISSED.name() : state.status().name(), state.last(),
                state.last().isEmpty() ? List.of() : feedback(PartCheck.of(part, state.last())),
                closed ? part.fields().stream().map(PracticeViews::answer).toList() : List.of());
    }

    private static FieldView field(Field field) {
        AnswerSpec answer = field.answer();
        return new FieldView(field.id(), field.label(), field.wanted(), answer.kind().code(), answer.letters().stream().sorted().toList(),
                answer.suffix(), field.response());
    }

    static List<FeedbackView> feedback(PartCheck check) {
        return check.fields().stream().map(f -> new FeedbackView(f.fieldId(), f.verdict().code(),
                f.verdict().why().map(r -> r.code()).orElse(""), f.message(),
                f.verdict() instanceof Verdict.Unreadable(var reason, int at) ? at : -1)).toList();
    }

    private static AnswerView answer(Field field) {
        AnswerSpec answer = field.answer();
        if (answer.kind() == Kind.CHOICE) {
            return new AnswerView(field.id(), "", Arrays.stream(answer.expected().split(",")).map(String::strip).toList());
        }
        return new AnswerView(field.id(), Reader.read(answer.key(), answer.syntax()).latex(), List.of());
    }

    static Map<String, String> trimmed(Part part, Map<String, String> entries) {
        Map<String, String> kept = new java.util.TreeMap<>();
        part.fields().forEach(f -> kept.put(f.id(), entries.getOrDefault(f.id(), "")));
        return kept;
    }

}
