package littlesummit.app.workbench.form;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.app.web.Problem;
import org.yaml.snakeyaml.DumperOptions.FlowStyle;
import org.yaml.snakeyaml.error.YAMLException;
import org.yaml.snakeyaml.nodes.CollectionNode;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.Node;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.SequenceNode;

/** Puts a row into a list of a document, or takes one out. The rest of the text stays as it is written. */
final class FormRows {
    private final String text;
    private final Offsets offsets;
    private final CollectionNode<?> list;
    private final String key;
    private final List<Span> rows;

    /** From the first character of a row to behind its last one. */
    private record Span(int from, int to) {}

    private FormRows(String text, String path) {
        this.text = text;
        this.offsets = new Offsets(text);
        this.list = at(text, path);
        this.key = path.substring(path.lastIndexOf('.') + 1);
        this.rows = list instanceof MappingNode mapping
                ? mapping.getValue().stream()
                        .map(t -> new Span(start(t.getKeyNode()), end(t.getValueNode())))
                        .toList()
                : list.getValue().stream()
                        .map(Node.class::cast)
                        .map(n -> new Span(start(n), end(n)))
                        .toList();
    }

    /** @return the text with one row more at the end of the list */
    static String added(String text, String path) {
        return new FormRows(text, path).add();
    }

    /** @return the text without the row; the last one of a list stays */
    static String removed(String text, String path, int row) {
        return new FormRows(text, path).remove(row);
    }

    private static CollectionNode<?> at(String text, String path) {
        try {
            Node node = YamlNodes.root(text).orElseThrow(FormRows::changed);
            for (String step : path.split("\\.")) {
                node = within(node, step);
            }
            if (node instanceof CollectionNode<?> list) {
                return list;
            }
        } catch (YAMLException | IndexOutOfBoundsException | NumberFormatException gone) {
            throw changed();
        }
        throw changed();
    }

    private static Node within(Node node, String step) {
        return switch (node) {
            case MappingNode mapping -> YamlNodes.find(mapping, step).orElseThrow(FormRows::changed);
            case SequenceNode list -> list.getValue().get(Integer.parseInt(step));
            default -> throw changed();
        };
    }

    private static Problem changed() {
        return Problem.conflict("The text is no longer as the form shows it. Try it once more.");
    }

    private int start(Node node) {
        return offsets.of(node.getStartMark());
    }

    /** Behind the last character; what ends with its lines reaches over blank ones and remarks otherwise. */
    private int end(Node node) {
        int end = offsets.of(node.getEndMark());
        while (true) {
            end = text.substring(0, end).stripTrailing().length();
            int line = text.lastIndexOf('\n', end - 1) + 1;
            if (line <= start(node) || !text.substring(line, end).strip().startsWith("#")) {
                return end;
            }
            end = line;
        }
    }

    private String add() {
        if (list.getFlowStyle() == FlowStyle.FLOW) {
            int close = offsets.of(list.getEndMark()) - 1;
            return text.substring(0, close) + (rows.isEmpty() ? "" : ", ") + fresh() + text.substring(close);
        }
        int end = end(list);
        String indent = " ".repeat(list.getStartMark().getColumn());
        String dash = list instanceof SequenceNode ? "- " : "";
        return text.substring(0, end) + "\n" + indent + dash + fresh() + text.substring(end);
    }

    /** What a new row says until somebody changes it. */
    private String fresh() {
        return switch (key) {
            case "draw" -> freeName() + ": 2..9";
            case "let" -> freeName() + ": 1";
            case "where" -> "\"1 = 1\"";
            case "mistakes" -> "{value: 0, slip: other, say: \"What may have happened?\"}";
            case "options" -> "{text: Another option, slip: other, say: \"What may have happened?\"}";
            case "worked" -> "{say: Another step.}";
            case "frames" -> "Another beginning.";
            case "stem" -> "Another sentence.";
            default -> throw changed();
        };
    }

    private String freeName() {
        Set<String> taken = list instanceof MappingNode mapping
                ? mapping.getValue().stream()
                        .map(NodeTuple::getKeyNode)
                        .map(YamlNodes::scalar)
                        .collect(Collectors.toSet())
                : Set.of();
        Stream<String> letters = "abcdfghjkmnpqrstuvw".chars().mapToObj(Character::toString);
        Stream<String> numbered = IntStream.range(1, 1000).mapToObj(i -> "n" + i);
        String all = text.replaceAll("[^A-Za-z0-9]+", " ");
        return Stream.concat(letters, numbered)
                .filter(name -> !taken.contains(name) && !(" " + all + " ").contains(" " + name + " "))
                .findFirst()
                .orElse("name");
    }

    private String remove(int row) {
        if (row < 0 || row >= rows.size()) {
            throw changed();
        }
        if (rows.size() == 1) {
            throw Problem.conflict("One of them has to stay. What is not needed at all is taken out in the text.");
        }
        Span gone = rows.get(row);
        if (list.getFlowStyle() == FlowStyle.FLOW) {
            return row == 0
                    ? text.substring(0, gone.from())
                            + text.substring(rows.get(1).from())
                    : text.substring(0, rows.get(row - 1).to()) + text.substring(gone.to());
        }
        int lineStart = text.lastIndexOf('\n', gone.from() - 1) + 1;
        int lineEnd = text.indexOf('\n', gone.to());
        return text.substring(0, lineStart) + (lineEnd < 0 ? "" : text.substring(lineEnd + 1));
    }
}
