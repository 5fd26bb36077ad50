package littlesummit.app.workbench.form;

import java.io.StringReader;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.error.YAMLException;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.Node;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.ScalarNode;
import org.yaml.snakeyaml.nodes.SequenceNode;

/** The nodes of a text, which know where they stand in it; nothing is made of them. */
final class YamlNodes {
    private static final int MOST_CODE_POINTS = 400_000;
    private static final int MOST_DEPTH = 30;

    private YamlNodes() {}

    /**
     * Empty where nothing stands in the text.
     *
     * @throws YAMLException for a text that is no YAML, or nested too deeply
     */
    static Optional<Node> root(String text) {
        LoaderOptions options = new LoaderOptions();
        options.setMaxAliasesForCollections(0);
        options.setCodePointLimit(MOST_CODE_POINTS);
        options.setNestingDepthLimit(MOST_DEPTH);
        return Optional.ofNullable(new Yaml(options).compose(new StringReader(text)));
    }

    static Optional<Node> find(MappingNode mapping, String key) {
        return mapping.getValue().stream()
                .filter(tuple -> scalar(tuple.getKeyNode()).equals(key))
                .map(NodeTuple::getValueNode)
                .findFirst();
    }

    /** None for what is no list. */
    static List<Node> items(Optional<Node> node) {
        return node.filter(SequenceNode.class::isInstance)
                .map(list -> ((SequenceNode) list).getValue())
                .orElse(List.of());
    }

    static Set<String> words(Optional<Node> node) {
        return items(node).stream().map(YamlNodes::scalar).collect(Collectors.toSet());
    }

    /** None for what has no names. */
    static Set<String> keys(Optional<Node> node) {
        return node.filter(MappingNode.class::isInstance)
                .map(all -> ((MappingNode) all)
                        .getValue().stream()
                                .map(tuple -> scalar(tuple.getKeyNode()))
                                .collect(Collectors.toSet()))
                .orElse(Set.of());
    }

    /** Empty for what is no text. */
    static String scalar(Node node) {
        return node instanceof ScalarNode scalar ? scalar.getValue() : "";
    }

    static boolean isOnOneLine(Node node) {
        return node instanceof ScalarNode scalar
                && switch (scalar.getScalarStyle()) {
                    case LITERAL, FOLDED -> false;
                    default -> true;
                };
    }
}
