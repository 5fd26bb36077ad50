package littlesummit.core.template;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;

/** Reads one step of an item: what is asked, where it is answered, and three hints. */
final class PartReader {
    private static final int HINTS = 3;
    private final Formula.Names names;

    PartReader(Formula.Names names) {
        this.names = names;
    }

    /**
     * A part, and the ways to be right for a wrong reason.
     *
     * @param naive by its name: for an item, whether this way leads to the right answer of the part
     * @param isRead whether a person reads what is answered
     */
    record PartMade(Made<Part> part, Map<String, NaiveWay> naive, boolean isRead) {}

    /** A procedure that is wrong and that students are known to use. */
    interface NaiveWay {
        boolean isRight(Part part, Making making);
    }

    PartMade read(Node node) {
        Keys keys = Keys.of(node, "A part");
        Texts ask = Texts.read(keys.require("ask"), names);
        Made<List<Field>> fields = fields(keys);
        Made<Layout> layout = layout(keys);
        List<Texts> hints =
                keys.list("hints").stream().map(n -> Texts.read(n, names)).toList();
        if (hints.size() != HINTS) {
            throw new Refused(
                    keys.find("hints").map(Node::at).orElse(keys.at()),
                    "A part has three hints: what to look at, why, and a first step. Here are " + hints.size() + ".");
        }
        Map<String, NaiveWay> naive = naive(keys);
        keys.end();
        Place at = keys.at();
        Made<Part> part = making -> Placing.placed(
                new Part(
                        ask.write(making.evaluator()),
                        fields.make(making),
                        layout.make(making),
                        hints.stream()
                                .map(hint -> hint.write(making.evaluator()))
                                .toList()),
                at);
        return new PartMade(part, naive, fieldNodes(keys).stream().anyMatch(FieldReader::isRead));
    }

    private static List<Node> fieldNodes(Keys keys) {
        return keys.has("fields") ? keys.list("fields") : List.of(keys.require("field"));
    }

    private Made<List<Field>> fields(Keys keys) {
        List<Node> mistakes = keys.list("mistakes");
        List<Node> nodes = fieldNodes(keys);
        boolean areLabels = keys.has("labels");
        if (!mistakes.isEmpty() && (areLabels || nodes.size() > 1)) {
            throw new Refused(
                    mistakes.getFirst().at(),
                    "With several fields each mistake stands in the field that it is made in.");
        }
        if (areLabels) {
            return new LabelReader(names).read(keys.require("labels"), nodes);
        }
        FieldReader reader = new FieldReader(names);
        List<Made<Field>> fields =
                nodes.stream().map(node -> reader.read(node, mistakes)).toList();
        return making -> Made.all(fields, making);
    }

    private Made<Layout> layout(Keys keys) {
        if (keys.has("sentence")) {
            Texts sentence = Texts.read(keys.require("sentence"), names);
            return making -> new Layout.InSentence(sentence.write(making.evaluator()));
        }
        if (keys.has("table")) {
            Keys table = Keys.of(keys.require("table"), "A table");
            Made<BlockReader.Cells> cells = new BlockReader(names).cells(table);
            boolean sums = table.yes("sums");
            table.end();
            return making -> new Layout.InTable(
                    cells.make(making).head(), cells.make(making).rows(), sums);
        }
        if (keys.has("on")) {
            Made<Figure> figure = new FigureReader(names).read(keys.require("on"));
            return making -> new Layout.OnFigure(figure.make(making));
        }
        return making -> new Layout.Stacked();
    }

    /** By a formula that gives the answer of this way, or by the condition under which it is right. */
    private Map<String, NaiveWay> naive(Keys keys) {
        Map<String, NaiveWay> ways = new LinkedHashMap<>();
        if (keys.has("naive")) {
            Keys.of(keys.require("naive"), "Naive ways").all().forEach((name, node) -> {
                Formula formula = Formula.read(Keys.scalar(node), names);
                ways.put(name, formula.isCondition() ? holding(formula) : leadingTo(formula));
            });
        }
        return ways;
    }

    private static NaiveWay holding(Formula condition) {
        return (part, making) -> making.evaluator().holds(condition);
    }

    private static NaiveWay leadingTo(Formula formula) {
        return (part, making) -> {
            Field field = part.fields().getFirst();
            String entry = new Entry.Computed(formula)
                    .write(field.answer().kind(), field.answer().form(), making.evaluator());
            return Grader.grade(field.answer(), entry) instanceof Verdict.Correct;
        };
    }
}
