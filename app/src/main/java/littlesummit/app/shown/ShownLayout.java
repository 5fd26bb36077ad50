package littlesummit.app.shown;

import java.util.List;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Layout;

/**
 * Where the fields of a part stand. A place for the field {@code id} is written {@code {{id}}}, or is a spot of the
 * picture.
 */
public sealed interface ShownLayout {
    record Stacked() implements ShownLayout {}

    record InSentence(String template) implements ShownLayout {}

    record InFormula(String template) implements ShownLayout {}

    record InTable(List<String> head, List<List<String>> rows, boolean sums) implements ShownLayout {}

    record OnFigure(ShownScene scene) implements ShownLayout {}

    static ShownLayout of(Layout layout) {
        return switch (layout) {
            case Layout.Stacked() -> new Stacked();
            case Layout.InSentence(String template) -> new InSentence(template);
            case Layout.InFormula(String template) -> new InFormula(template);
            case Layout.InTable(var head, var rows, boolean sums) -> new InTable(head, rows, sums);
            case Layout.OnFigure(Figure figure) -> new OnFigure(ShownScene.of(figure));
        };
    }
}
