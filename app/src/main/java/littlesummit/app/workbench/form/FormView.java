package littlesummit.app.workbench.form;

import java.util.List;
import java.util.Optional;

/**
 * A document as a form.
 *
 * @param variants none while the text is no document yet
 */
record FormView(List<FormVariant> variants) {
    /**
     * One kind of items.
     *
     * @param tiers such as “1, 2”
     */
    record FormVariant(String id, String tiers, List<FormSection> sections) {}

    /**
     * Rows that belong together.
     *
     * @param path of the list in the document, from the outside in; empty where rows cannot be added
     */
    record FormSection(String title, String path, List<FormRow> rows) {}

    /**
     * One entry of a list, or one thing alone.
     *
     * @param number among the rows of the list, from 0; below 0 where it cannot be removed
     */
    record FormRow(int number, List<FormField> fields) {}

    /** What stands in a field. */
    enum FieldKind {
        WORDS,
        FORMULA,
        DRAWN
    }

    /**
     * A text in the document.
     *
     * @param id that no other field of the form has
     * @param from first character in the text
     * @param to behind the last one
     * @param line from 1
     * @param plain whether it stands there without quotation marks
     * @param whole whether the field is all of it; not where there are several cases, which are for the text
     * @param latex how a formula is read
     * @param fault why it is not
     */
    record FormField(
            String id,
            String label,
            FieldKind kind,
            String value,
            int from,
            int to,
            int line,
            boolean plain,
            boolean whole,
            Optional<String> latex,
            Optional<String> fault) {}
}
