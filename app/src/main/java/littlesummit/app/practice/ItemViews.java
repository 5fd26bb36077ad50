package littlesummit.app.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.content.WorkedStepDto;
import littlesummit.app.practice.PracticeView.AnswerView;
import littlesummit.app.practice.PracticeView.ExampleView;
import littlesummit.app.practice.PracticeView.FeedbackView;
import littlesummit.app.practice.PracticeView.FieldView;
import littlesummit.app.practice.PracticeView.ItemView;
import littlesummit.app.practice.PracticeView.PartView;
import littlesummit.app.practice.PracticeView.SolutionView;
import littlesummit.app.served.ServedItem;
import littlesummit.app.shown.ShownBlock;
import littlesummit.app.shown.ShownLayout;
import littlesummit.app.shown.ShownResponse;
import littlesummit.app.shown.ShownSecondView;
import littlesummit.app.web.Tag;
import littlesummit.core.calculator.ItemData;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Reader;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.practice.Explain;
import littlesummit.core.practice.ItemState;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.practice.PartState;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.PracticeEvent;
import littlesummit.core.practice.SkillState;
import littlesummit.core.working.WorkLetters;

/** Makes what is shown of one item; the one place that decides what may leave the server. */
public final class ItemViews {
    private ItemViews() {}

    /** An item with all its parts open at once and nothing told, for trying it out. */
    public static ItemView open(Item item) {
        List<PartView> parts = item.parts().stream().map(ItemViews::openPart).toList();
        return new ItemView(
                item.ref().variant(),
                1,
                Explain.level(item.ref().tier()),
                false,
                ShownBlock.of(item.stem()),
                parts,
                0,
                item.calculator(),
                true,
                false,
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.of(solution(item)),
                false,
                List.of(),
                "",
                letters(item),
                List.of(),
                false,
                item.isRead(),
                item.isDrawn());
    }

    /**
     * An item of a sheet that is worked on paper.
     *
     * @param entries as they were checked last, one map a part; empty for none
     * @param closed whether it is right, or the solutions are open
     * @param solved whether the solutions are open
     */
    public static ItemView onPaper(
            ServedItem served, int number, List<Map<String, String>> entries, boolean closed, boolean solved) {
        Item item = served.item();
        List<PartView> parts = new ArrayList<>();
        for (int i = 0; i < item.parts().size(); i++) {
            Map<String, String> typed = i < entries.size() ? entries.get(i) : Map.of();
            parts.add(
                    closed
                            ? inQuiz(item.parts().get(i), typed, true)
                            : triedAgain(item.parts().get(i), typed));
        }
        List<Map<String, String>> draft = served.draft().typed(item);
        return new ItemView(
                served.id(),
                number,
                Explain.level(served.ref().tier()),
                false,
                ShownBlock.of(item.stem()),
                parts,
                0,
                item.calculator(),
                false,
                false,
                Optional.empty(),
                Optional.empty(),
                false,
                solved ? Optional.of(solution(item)) : Optional.empty(),
                false,
                draft,
                Tag.ofEntries(draft).value(),
                letters(item),
                List.of(),
                false,
                item.isRead(),
                item.isDrawn());
    }

    /** A part that may be answered again: what was said of the last answer, and nothing that tells what is right. */
    private static PartView triedAgain(Part part, Map<String, String> entries) {
        return new PartView(
                part.prompt(),
                ShownLayout.of(part.layout()),
                part.fields().stream().map(ItemViews::field).toList(),
                0,
                0,
                List.of(),
                0,
                PartState.Status.OPEN.name(),
                entries,
                entries.isEmpty() ? List.of() : feedback(PartCheck.of(part, entries)),
                List.of());
    }

    /**
     * An item of a quiz: while the round is open nothing of it tells what is right.
     *
     * @param entries what is saved, one map a part
     * @param outcome empty while the round is open
     */
    public static ItemView inQuiz(
            ServedItem served,
            int number,
            boolean calculator,
            List<Map<String, String>> entries,
            Optional<String> outcome) {
        Item item = served.item();
        List<PartView> parts = new ArrayList<>();
        for (int i = 0; i < item.parts().size(); i++) {
            parts.add(inQuiz(item.parts().get(i), i < entries.size() ? entries.get(i) : Map.of(), outcome.isPresent()));
        }
        return new ItemView(
                served.id(),
                number,
                Explain.level(served.ref().tier()),
                false,
                ShownBlock.of(item.stem()),
                parts,
                0,
                calculator,
                false,
                false,
                Optional.empty(),
                outcome,
                false,
                outcome.map(o -> solution(item)),
                false,
                List.of(),
                Tag.ofEntries(entries).value(),
                letters(item),
                calculator ? ItemData.of(item) : List.of(),
                false,
                item.isRead(),
                item.isDrawn());
    }

    private static PartView inQuiz(Part part, Map<String, String> entries, boolean closed) {
        PartCheck check = PartCheck.of(part, entries);
        String status = !closed
                ? PartState.Status.OPEN.name()
                : check.result() == PracticeEvent.Result.CORRECT
                        ? PartState.Status.RIGHT.name()
                        : PartState.Status.MISSED.name();
        return new PartView(
                part.prompt(),
                ShownLayout.of(part.layout()),
                part.fields().stream().map(ItemViews::field).toList(),
                0,
                0,
                List.of(),
                0,
                status,
                entries,
                closed ? feedback(check) : List.of(),
                closed ? part.fields().stream().map(ItemViews::answer).toList() : List.of());
    }

    /** A part with all its hints and its answer, for trying it out. */
    public static PartView openPart(Part p) {
        return new PartView(
                p.prompt(),
                ShownLayout.of(p.layout()),
                p.fields().stream().map(ItemViews::field).toList(),
                Policy.DEFAULT.tries(p),
                Policy.DEFAULT.tries(p),
                p.hints(),
                p.hints().size(),
                PartState.Status.OPEN.name(),
                Map.of(),
                List.of(),
                p.fields().stream().map(ItemViews::answer).toList());
    }

    /** Entries as a reader sees them: by label, options by their text. */
    public static Map<String, String> byLabel(Part part, Map<String, String> entries) {
        Map<String, String> shown = new LinkedHashMap<>();
        for (Field field : part.fields()) {
            shown.put(field.label(), text(field, entries.getOrDefault(field.id(), "")));
        }
        return shown;
    }

    private static String text(Field field, String entry) {
        List<Option> options = field.response().options();
        if (options.isEmpty()) {
            return field.response() instanceof Response.PlotLine
                    ? entry
                    : field.response().entryOf(entry);
        }
        List<String> chosen = Arrays.stream(entry.split(",")).map(String::strip).toList();
        Stream<Option> inOrder = field.response() instanceof Response.PutInOrder
                ? chosen.stream().flatMap(id -> options.stream().filter(o -> o.id().equals(id)))
                : options.stream().filter(o -> chosen.contains(o.id()));
        return inOrder.map(o -> o.figure().map(f -> f.alt()).orElse(o.text())).collect(Collectors.joining("; "));
    }

    /** @param example what goes with it, empty until it is opened */
    static ItemView item(SkillState state, ServedItem served, Optional<Item> example) {
        Item item = served.item();
        ItemState now = state.current().orElseThrow();
        boolean calculator = state.policyHere().calculator(item.calculator());
        int current = now.isClosed() ? item.parts().size() : now.currentPart();
        List<PartView> parts = new ArrayList<>();
        for (int i = 0; i < item.parts().size() && (i <= current || now.isClosed()); i++) {
            parts.add(part(item.parts().get(i), now.parts().get(i), now.isClosed()));
        }
        List<Map<String, String>> typed = served.draft().typed(item);
        Optional<SolutionView> solution = now.isClosed() ? Optional.of(solution(item)) : Optional.empty();
        return new ItemView(
                served.id(),
                served.number(),
                Explain.level(served.ref().tier()),
                now.similar(),
                ShownBlock.of(item.stem()),
                parts,
                current,
                calculator,
                state.policyHere().hints(),
                state.policyHere().example(),
                now.exampleOpened() ? example.map(ItemViews::example) : Optional.empty(),
                now.outcome().map(Enum::name),
                now.awaitsWork(),
                solution,
                state.offersSimilar(),
                typed,
                Tag.ofEntries(typed).value(),
                letters(item),
                calculator ? ItemData.of(item) : List.of(),
                state.policyHere().checksLines(now.isClosed() || now.anyTryUsed()),
                item.isRead(),
                item.isDrawn());
    }

    private static ExampleView example(Item example) {
        return new ExampleView(
                ShownBlock.of(example.stem()),
                WorkedStepDto.of(example.worked()),
                ShownSecondView.of(example.second()));
    }

    private static SolutionView solution(Item item) {
        return new SolutionView(WorkedStepDto.of(item.worked()), ShownSecondView.of(item.second()));
    }

    private static List<String> letters(Item item) {
        return WorkLetters.of(item).stream().sorted().toList();
    }

    private static PartView part(Part part, PartState state, boolean itemClosed) {
        boolean closed = itemClosed || !state.isOpen();
        return new PartView(
                part.prompt(),
                ShownLayout.of(part.layout()),
                part.fields().stream().map(ItemViews::field).toList(),
                state.allowed(),
                state.left(),
                part.hints().subList(0, Math.min(state.hints(), part.hints().size())),
                part.hints().size(),
                itemClosed && state.isOpen()
                        ? PartState.Status.MISSED.name()
                        : state.status().name(),
                state.last(),
                state.last().isEmpty() ? List.of() : feedback(PartCheck.of(part, state.last())),
                closed ? part.fields().stream().map(ItemViews::answer).toList() : List.of());
    }

    private static FieldView field(Field field) {
        AnswerSpec answer = field.answer();
        return new FieldView(
                field.id(),
                field.label(),
                field.wanted(),
                answer.kind().code(),
                answer.letters().stream().sorted().toList(),
                answer.suffix(),
                ShownResponse.of(field.response()),
                field.response().options().stream().collect(Collectors.toMap(Option::id, Option::spoken)));
    }

    public static List<FeedbackView> feedback(PartCheck check) {
        return check.fields().stream()
                .map(f -> new FeedbackView(
                        f.fieldId(),
                        f.verdict().code(),
                        f.verdict().why().map(r -> r.code()).orElse(""),
                        f.message(),
                        f.verdict() instanceof Verdict.Unreadable(var reason, int at) ? at : -1))
                .toList();
    }

    private static AnswerView answer(Field field) {
        AnswerSpec answer = field.answer();
        if (answer.kind() == Kind.CHOICE) {
            return new AnswerView(
                    field.id(),
                    "",
                    Arrays.stream(answer.expected().split(","))
                            .map(String::strip)
                            .toList(),
                    "");
        }
        if (answer.kind() == Kind.WORDS) {
            return new AnswerView(field.id(), "", List.of(), answer.key());
        }
        boolean isMarked =
                field.response() instanceof Response.MarkOnLine || field.response() instanceof Response.RayOnLine;
        return new AnswerView(
                field.id(),
                Reader.read(answer.key(), answer).latex(),
                isMarked ? List.of(field.response().sentFor(answer.key())) : List.of(),
                "");
    }
}
