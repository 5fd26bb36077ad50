package littlesummit.content.template;

import java.util.List;
import java.util.Optional;
import littlesummit.core.template.TemplateReader;
import littlesummit.core.template.TemplateReading;
import littlesummit.core.template.TemplateSkill;
import littlesummit.core.template.WholeItems;

/** Skills that are written as templates: those that ship, and any other from its text. */
public final class Templates {
    /** Each stands in a file of its own beside this class. */
    private static final List<String> SHIPPED = List.of(
            "place-value",
            "absolute-value",
            "fraction-lowest",
            "both-sides",
            "one-step-multiplication",
            "mean",
            "two-way-read",
            "percent-discount",
            "scientific-notation",
            "circle-center",
            "divide-remainder",
            "factors-multiples",
            "integer-multiply-divide",
            "operation-order",
            "time-intervals",
            "unit-rate",
            "fraction-add-subtract",
            "percent-find",
            "expressions-evaluate",
            "expand-collect",
            "equations-two-step",
            "fraction-multiply",
            "fraction-divide",
            "mixed-numbers",
            "decimal-add-subtract",
            "decimal-multiply-divide",
            "ratio-table",
            "percent-change",
            "inequalities-linear",
            "linear-system",
            "fraction-compare",
            "round-estimate",
            "quadratic-factor-solve",
            "radicals-simplify",
            "absolute-value-equation",
            "literal-equation",
            "quadratic-formula",
            "complete-square",
            "quadratic-inequality",
            "exponents-rational",
            "rational-expressions",
            "rational-equations",
            "polynomial-divide",
            "polynomial-zeros",
            "add-subtract-written",
            "multiply-written",
            "multi-step-problems",
            "patterns-rules",
            "money-change",
            "decimal-place",
            "fraction-line",
            "fraction-decimal-percent",
            "repeating-decimals",
            "proportional-scale",
            "simple-compound-interest",
            "story-to-equation");

    private Templates() {}

    /** Read once, when somebody asks first. */
    private static final class Shipped {
        private static final List<TemplateSkill> ALL =
                SHIPPED.stream().map(id -> shipped(id + ".yaml")).toList();
    }

    /** The skills that ship as templates. */
    public static List<TemplateSkill> shipped() {
        return Shipped.ALL;
    }

    /**
     * A skill that ships as a template.
     *
     * @throws java.util.NoSuchElementException when none has this id
     */
    public static TemplateSkill skill(String id) {
        return shipped().stream()
                .filter(skill -> skill.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static TemplateSkill shipped(String file) {
        return switch (read(Resources.text(file))) {
            case TemplateReading.Understood(var template) -> new TemplateSkill(template);
            case TemplateReading.Wrong(var complaints) -> throw new IllegalStateException(file + ": " + complaints);
        };
    }

    /** The document of a skill that ships as a template; empty for any other. */
    public static Optional<String> document(String skillId) {
        return SHIPPED.contains(skillId) ? Optional.of(Resources.text(skillId + ".yaml")) : Optional.empty();
    }

    /** A small document to begin with, in which everything holds. */
    public static String starter() {
        return Resources.text("starter.yaml");
    }

    /** @param text the document, as YAML or JSON, without items that stand whole in it */
    public static TemplateReading read(String text) {
        return read(text, WholeItems.UNKNOWN);
    }

    /**
     * @param text the document, as YAML or JSON
     * @param wholes reads items that stand whole in it
     */
    public static TemplateReading read(String text, WholeItems wholes) {
        try {
            return TemplateReader.read(Documents.read(text), ShippedWords.LISTS, wholes);
        } catch (Documents.Unreadable unreadable) {
            return new TemplateReading.Wrong(List.of(unreadable.complaint()));
        }
    }
}
