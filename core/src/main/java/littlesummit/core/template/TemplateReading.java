package littlesummit.core.template;

import java.util.List;

/** What came of reading a document. */
public sealed interface TemplateReading {
    record Understood(Template template) implements TemplateReading {}

    /** @param complaints at least one, in the order of the document */
    record Wrong(List<Complaint> complaints) implements TemplateReading {
        public Wrong {
            complaints = List.copyOf(complaints);
        }
    }
}
