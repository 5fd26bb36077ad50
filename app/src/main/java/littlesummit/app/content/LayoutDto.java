package littlesummit.app.content;

import java.util.List;
import littlesummit.core.item.Layout;

/**
 * Where the fields of a part stand, as it is kept and sent. A place for the field {@code id} is written {@code {{id}}}.
 */
public sealed interface LayoutDto {
    record Stacked() implements LayoutDto {}

    record InSentence(String template) implements LayoutDto {}

    record InFormula(String template) implements LayoutDto {}

    record InTable(List<String> head, List<List<String>> rows, boolean sums) implements LayoutDto {}

    record OnFigure(FigureDto figure) implements LayoutDto {}

    static LayoutDto of(Layout layout) {
        return switch (layout) {
            case Layout.Stacked() -> new Stacked();
            case Layout.InSentence(String template) -> new InSentence(template);
            case Layout.InFormula(String template) -> new InFormula(template);
            case Layout.InTable(var head, var rows, boolean sums) -> new InTable(head, rows, sums);
            case Layout.OnFigure(var figure) -> new OnFigure(FigureDto.of(figure));
        };
    }

    default Layout toCore() {
        return switch (this) {
            case Stacked() -> new Layout.Stacked();
            case InSentence(String template) -> new Layout.InSentence(template);
            case InFormula(String template) -> new Layout.InFormula(template);
            case InTable(var head, var rows, boolean sums) -> new Layout.InTable(head, rows, sums);
            case OnFigure(FigureDto figure) -> new Layout.OnFigure(figure.toCore());
        };
    }
}
