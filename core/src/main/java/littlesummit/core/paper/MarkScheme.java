package littlesummit.core.paper;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Reader;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.WorkedStep;

/**
 * What an item is worth on paper: one mark for each answer, and one for each step of the solution that works something
 * out on the way. A step that only states an answer earns nothing more, and neither does one in words alone. One mark a
 * line is common practice; the rule has no source.
 *
 * @param answers one list a part, one line a field
 * @param steps one line a step of the solution, in their order
 */
public record MarkScheme(List<List<Line>> answers, List<Line> steps) {
    /**
     * A line of the solution.
     *
     * @param id unique within the item
     * @param mark 1 where the line earns one, else 0
     */
    public record Line(String id, int mark) {}

    public MarkScheme {
        answers = answers.stream().map(List::copyOf).toList();
        steps = List.copyOf(steps);
    }

    public static MarkScheme of(Item item) {
        List<List<Line>> answers = IntStream.range(0, item.parts().size())
                .mapToObj(part -> item.parts().get(part).fields().stream()
                        .map(field -> new Line("answer-" + part + "-" + field.id(), 1))
                        .toList())
                .toList();
        Set<Integer> stating = statingAnswers(item);
        List<Line> steps = IntStream.range(0, item.worked().size())
                .mapToObj(i ->
                        new Line("step-" + i, item.worked().get(i).math().isBlank() || stating.contains(i) ? 0 : 1))
                .toList();
        return new MarkScheme(answers, steps);
    }

    /** Places of the steps that state an answer: for each field the last one that ends in its key, and its like. */
    private static Set<Integer> statingAnswers(Item item) {
        List<WorkedStep> steps = item.worked();
        Set<String> stated = new HashSet<>();
        item.parts().stream()
                .flatMap(part -> part.fields().stream())
                .filter(field -> isWritten(field.answer().kind()))
                .forEach(field -> steps.stream()
                        .filter(step -> endsIn(step, field))
                        .reduce((before, last) -> last)
                        .ifPresent(step -> stated.add(bare(step.math()))));
        return IntStream.range(0, steps.size())
                .filter(i -> stated.contains(bare(steps.get(i).math())))
                .boxed()
                .collect(Collectors.toSet());
    }

    private static boolean isWritten(Kind kind) {
        return kind != Kind.CHOICE && kind != Kind.WORDS;
    }

    private static boolean endsIn(WorkedStep step, Field field) {
        String key = Reader.read(field.answer().key(), field.answer().syntax()).latex();
        return !key.isBlank() && bare(step.math()).endsWith(bare(key));
    }

    /** Without units, signs for the eye alone and zeros at the end of a decimal: 51.0 is stated by 51. */
    private static String bare(String latex) {
        return latex.replaceAll("\\\\(text|mathrm)\\{[^}]*}", "")
                .replaceAll("\\\\[,;: ]|\\\\%|[\\s{}~$°]", "")
                .replaceAll("(\\.\\d*?)0+$", "$1")
                .replaceAll("\\.$", "");
    }

    /** All lines that earn a mark. */
    public List<Line> earning() {
        return Stream.concat(answers.stream().flatMap(List::stream), steps.stream())
                .filter(line -> line.mark() > 0)
                .toList();
    }

    /** Marks of the item in all. */
    public int most() {
        return earning().size();
    }
}
