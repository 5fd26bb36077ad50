package littlesummit.core.item;

import java.util.List;

/** Where the fields of a part stand. A place for the field {@code id} is written {@code {{id}}}. */
public sealed interface Layout {
    /** One below the other. */
    record Stacked() implements Layout {}

    /** Inside a sentence. */
    record InSentence(String template) implements Layout {}

    /** Blanks in a long expression; the pieces between them are LaTeX. */
    record InFormula(String template) implements Layout {}

    /**
     * Cells of a table; other cells are text.
     *
     * @param sums whether the sum of each row is shown as it is typed
     */
    record InTable(List<String> head, List<List<String>> rows, boolean sums) implements Layout {}

    /** Places on a figure whose slots carry the ids. */
    record OnFigure(Figure figure) implements Layout {}
}
