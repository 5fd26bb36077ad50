package littlesummit.core.template;

import java.util.Set;

/** What a document can say, by name; for help while one writes, and for the page that explains it. */
public final class TemplateLanguage {
    private TemplateLanguage() {}

    /** Functions of formulas beyond those that students type. */
    public static Set<String> functions() {
        return Functions.NAMES;
    }

    /** Kinds of figures. */
    public static Set<String> figures() {
        return FigureReader.kinds();
    }
}
