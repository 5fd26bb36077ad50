package littlesummit.core.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Figure;

/** Reads what is to be read by the student: sentences, mathematics, tables, figures. */
final class BlockReader {
    private final Formula.Names names;

    BlockReader(Formula.Names names) {
        this.names = names;
    }

    /** A block whose condition does not hold is left out, and so is a text that says nothing. */
    Made<List<Block>> read(List<Node> nodes) {
        List<Made<Optional<Block>>> blocks = nodes.stream().map(this::block).toList();
        return making ->
                blocks.stream().flatMap(block -> block.make(making).stream()).toList();
    }

    private Made<Optional<Block>> block(Node node) {
        boolean isText = node instanceof Node.Scalar
                || node instanceof Node.Listing
                || node instanceof Node.Mapping mapping && mapping.entries().containsKey("say");
        if (isText) {
            Texts texts = Texts.read(node, names);
            return making -> texts.chosen(making.evaluator()).map(Block.Text::new);
        }
        Keys keys = Keys.of(node, "A block");
        Optional<Formula> when =
                keys.find("when").map(n -> Formula.read(Keys.scalar(n), names).condition());
        Made<Block> block = keyed(keys);
        keys.end();
        return making ->
                when.map(making.evaluator()::holds).orElse(true) ? Optional.of(block.make(making)) : Optional.empty();
    }

    private Made<Block> keyed(Keys keys) {
        if (keys.has("formula")) {
            Formula formula = Formula.read(keys.scalar("formula"), names);
            return making -> new Block.Formula(TextPattern.latex(formula, making.evaluator()));
        }
        if (keys.has("figure")) {
            Made<Figure> figure = new FigureReader(names).read(keys.require("figure"));
            return making -> new Block.Picture(figure.make(making));
        }
        Keys table = Keys.of(keys.require("table"), "A table");
        Made<Cells> cells = cells(table);
        table.end();
        return making ->
                new Block.Table(cells.make(making).head(), cells.make(making).rows());
    }

    record Cells(List<String> head, List<List<String>> rows) {}

    /** The head and rows of a table; a cell is a text, and a list of values makes as many cells. */
    Made<Cells> cells(Keys table) {
        List<Made<Stream<String>>> head = row(table.list("head"));
        List<List<Made<Stream<String>>>> rows = new ArrayList<>();
        for (Node row : table.list("rows")) {
            rows.add(row(Keys.items(row)));
        }
        return making -> new Cells(
                head.stream().flatMap(cell -> cell.make(making)).toList(),
                rows.stream()
                        .map(row ->
                                row.stream().flatMap(cell -> cell.make(making)).toList())
                        .toList());
    }

    private List<Made<Stream<String>>> row(List<Node> cells) {
        return cells.stream().map(this::cell).toList();
    }

    private Made<Stream<String>> cell(Node node) {
        if (node instanceof Node.Mapping) {
            Keys keys = Keys.of(node, "Several cells");
            Formula each = Formula.read(keys.scalar("each"), names);
            keys.end();
            return making -> {
                if (making.evaluator().value(each) instanceof Value.Several(List<Value> items)) {
                    return items.stream().map(item -> written(item));
                }
                throw new Unmade(each.at(), "“" + each.text() + "” is no list; a cell of one value is a text.");
            };
        }
        Texts texts = Texts.read(node, names);
        return making -> Stream.of(texts.write(making.evaluator()));
    }

    private static String written(Value value) {
        return switch (value) {
            case Value.Number number -> new Look.Usual().write(number);
            case Value.Said(String words) -> words;
            case Value.Named(Word word) -> word.one();
            default -> "$" + Latex.of(Evaluator.expr(value)) + "$";
        };
    }
}
