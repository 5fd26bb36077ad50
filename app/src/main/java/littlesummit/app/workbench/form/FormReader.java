package littlesummit.app.workbench.form;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import littlesummit.app.workbench.form.FormView.FieldKind;
import littlesummit.app.workbench.form.FormView.FormField;
import littlesummit.app.workbench.form.FormView.FormRow;
import littlesummit.app.workbench.form.FormView.FormSection;
import littlesummit.app.workbench.form.FormView.FormVariant;
import littlesummit.core.template.LineReading;
import org.yaml.snakeyaml.error.YAMLException;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.Node;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.ScalarNode;

/** Finds in the text of a document what a form shows. Whatever it does not know stays for the text. */
final class FormReader {
    /** What is read as a formula; everything else that is known is words. */
    private static final Set<String> FORMULAS = Set.of("value", "answer", "math", "when", "formula", "right");

    /** What the keys are called. */
    private static final Map<String, String> LABELS = Map.ofEntries(
            Map.entry("ask", "Question"),
            Map.entry("label", "Name of the field"),
            Map.entry("wanted", "What form is wanted"),
            Map.entry("answer", "Answer"),
            Map.entry("entry", "Entry"),
            Map.entry("when", "Only when"),
            Map.entry("text", "Option"),
            Map.entry("right", "Right when"),
            Map.entry("value", "Wrong answer"),
            Map.entry("say", "Say"),
            Map.entry("math", "Line of mathematics"),
            Map.entry("formula", "Formula"));

    /** The keys in the order in which they are shown. */
    private static final List<String> ORDER = List.of(
            "ask", "when", "text", "right", "value", "entry", "label", "answer", "wanted", "say", "math", "formula");

    private static final FormView NONE = new FormView(List.of());

    private final Offsets offsets;
    private Set<String> letters = Set.of();
    private Set<String> names = Set.of();

    private FormReader(String text) {
        this.offsets = new Offsets(text);
    }

    static FormView read(String text) {
        try {
            return YamlNodes.root(text).map(new FormReader(text)::form).orElse(NONE);
        } catch (YAMLException notYet) {
            return NONE;
        }
    }

    private FormView form(Node root) {
        if (!(root instanceof MappingNode document)) {
            return NONE;
        }
        Set<String> everywhere = YamlNodes.words(YamlNodes.find(document, "letters"));
        List<FormVariant> variants = new ArrayList<>();
        for (Node node : YamlNodes.items(YamlNodes.find(document, "variants"))) {
            if (node instanceof MappingNode variant) {
                variants.add(variant(variant, everywhere, "variants." + variants.size()));
            }
        }
        return new FormView(variants);
    }

    private FormVariant variant(MappingNode variant, Set<String> everywhere, String path) {
        letters = new HashSet<>(everywhere);
        letters.addAll(YamlNodes.words(YamlNodes.find(variant, "letters")));
        names = new HashSet<>(YamlNodes.keys(YamlNodes.find(variant, "draw")));
        names.addAll(YamlNodes.keys(YamlNodes.find(variant, "let")));
        List<FormSection> sections = new ArrayList<>();
        sections.add(named("What is drawn", variant, "draw", path, FieldKind.DRAWN));
        sections.add(named("What is worked out", variant, "let", path, FieldKind.FORMULA));
        sections.add(listed("Conditions", variant, "where", path, FieldKind.FORMULA));
        sections.add(listed("Beginnings, one for each item in turn", variant, "frames", path, FieldKind.WORDS));
        sections.add(listed("What is read after that", variant, "stem", path, FieldKind.WORDS));
        List<Node> parts = YamlNodes.items(YamlNodes.find(variant, "parts"));
        for (int i = 0; i < parts.size(); i++) {
            part(sections, parts.get(i), path + ".parts." + i, parts.size() == 1 ? "" : ", question " + (i + 1));
        }
        sections.add(listed("The solution, step by step", variant, "worked", path, FieldKind.WORDS));
        return new FormVariant(
                YamlNodes.find(variant, "id").map(YamlNodes::scalar).orElse(""),
                YamlNodes.items(YamlNodes.find(variant, "tiers")).stream()
                        .map(YamlNodes::scalar)
                        .collect(Collectors.joining(", ")),
                sections.stream()
                        .filter(s -> !s.path().isEmpty() || !s.rows().isEmpty())
                        .toList());
    }

    private void part(List<FormSection> sections, Node node, String path, String number) {
        if (!(node instanceof MappingNode part)) {
            return;
        }
        List<FormRow> asked = new ArrayList<>();
        asked.add(new FormRow(-1, fields(part, path)));
        List<FormSection> wrong = new ArrayList<>();
        YamlNodes.find(part, "field").ifPresent(field -> field(asked, wrong, field, path + ".field", number));
        List<Node> fields = YamlNodes.items(YamlNodes.find(part, "fields"));
        for (int i = 0; i < fields.size(); i++) {
            field(asked, wrong, fields.get(i), path + ".fields." + i, number);
        }
        sections.add(new FormSection("Question" + number.replaceFirst(", question", ""), "", asked));
        sections.addAll(wrong);
        if (YamlNodes.find(part, "mistakes").isPresent()) {
            sections.add(listed("Mistakes" + number, part, "mistakes", path, FieldKind.WORDS));
        }
        sections.add(fixed(listed("Hints" + number, part, "hints", path, FieldKind.WORDS)));
    }

    private void field(List<FormRow> asked, List<FormSection> wrong, Node node, String path, String number) {
        if (node instanceof MappingNode field) {
            asked.add(new FormRow(-1, fields(field, path)));
            if (YamlNodes.find(field, "options").isPresent()) {
                wrong.add(listed("Options" + number, field, "options", path, FieldKind.WORDS));
            }
            if (YamlNodes.find(field, "mistakes").isPresent()) {
                wrong.add(listed("Mistakes" + number, field, "mistakes", path, FieldKind.WORDS));
            }
        }
    }

    /** Names with what they stand for. */
    private FormSection named(String title, MappingNode owner, String key, String path, FieldKind kind) {
        List<FormRow> rows = new ArrayList<>();
        YamlNodes.find(owner, key)
                .filter(MappingNode.class::isInstance)
                .map(MappingNode.class::cast)
                .ifPresent(all -> {
                    for (NodeTuple one : all.getValue()) {
                        String name = YamlNodes.scalar(one.getKeyNode());
                        rows.add(new FormRow(
                                rows.size(),
                                List.of(field(one.getValueNode(), name, path + "." + key + "." + name, kind))));
                    }
                });
        return new FormSection(title, YamlNodes.find(owner, key).isPresent() ? path + "." + key : "", rows);
    }

    private FormSection listed(String title, MappingNode owner, String key, String path, FieldKind kind) {
        List<FormRow> rows = new ArrayList<>();
        for (Node node : YamlNodes.items(YamlNodes.find(owner, key))) {
            String at = path + "." + key + "." + rows.size();
            rows.add(new FormRow(
                    rows.size(),
                    node instanceof MappingNode row ? fields(row, at) : List.of(field(node, "", at, kind))));
        }
        return new FormSection(title, YamlNodes.find(owner, key).isPresent() ? path + "." + key : "", rows);
    }

    /** There are as many as there have to be. */
    private static FormSection fixed(FormSection section) {
        return new FormSection(
                section.title(),
                "",
                section.rows().stream()
                        .map(row -> new FormRow(-1, row.fields()))
                        .toList());
    }

    /** What is known of a mapping, in the order in which a form shows it; pictures and tables stay for the text. */
    private List<FormField> fields(MappingNode row, String path) {
        List<FormField> fields = new ArrayList<>();
        for (String key : ORDER) {
            YamlNodes.find(row, key)
                    .ifPresent(node -> fields.add(field(
                            node,
                            LABELS.get(key),
                            path + "." + key,
                            FORMULAS.contains(key) ? FieldKind.FORMULA : FieldKind.WORDS)));
        }
        for (String drawn : List.of("figure", "table")) {
            YamlNodes.find(row, drawn)
                    .ifPresent(node -> fields.add(field(node, "", path + "." + drawn, FieldKind.WORDS)));
        }
        return fields;
    }

    private FormField field(Node node, String label, String id, FieldKind kind) {
        boolean whole = YamlNodes.isOnOneLine(node);
        String value = whole ? YamlNodes.scalar(node) : "";
        LineReading reading = whole ? reading(value, kind) : new LineReading.Understood("");
        return new FormField(
                id,
                label,
                kind,
                value,
                offsets.of(node.getStartMark()),
                offsets.of(node.getEndMark()),
                node.getStartMark().getLine() + 1,
                node instanceof ScalarNode s && s.isPlain(),
                whole,
                reading instanceof LineReading.Understood(String latex) && !latex.isEmpty()
                        ? Optional.of(latex)
                        : Optional.empty(),
                reading instanceof LineReading.Wrong(String sentence) ? Optional.of(sentence) : Optional.empty());
    }

    private LineReading reading(String value, FieldKind kind) {
        return switch (kind) {
            case FORMULA ->
                value.matches("yes|no|true|false")
                        ? new LineReading.Understood("")
                        : LineReading.formula(value, letters, names);
            case WORDS -> LineReading.words(value, letters, names);
            case DRAWN -> new LineReading.Understood("");
        };
    }
}
