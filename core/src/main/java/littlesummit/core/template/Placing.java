package littlesummit.core.template;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;

/** Looks whether every field of a part can be reached: by an id of its own, at a place of the layout. */
final class Placing {
    private static final Pattern A_PLACE = Pattern.compile("\\{\\{(.*?)}}");

    private Placing() {}

    /** @throws Unmade where a field could not be answered */
    static Part placed(Part part, Place at) {
        Set<String> ids = new HashSet<>();
        for (Field field : part.fields()) {
            if (!ids.add(field.id())) {
                throw new Unmade(at, "Two fields have the id “" + field.id() + "”.");
            }
            if (!isPlaced(field, part.layout())) {
                throw new Unmade(
                        at, "The field “" + field.id() + "” has no place. " + where(part.layout(), field.id()));
            }
        }
        places(part.layout()).filter(id -> !ids.contains(id)).findFirst().ifPresent(id -> {
            throw new Unmade(at, "There is no field “" + id + "” for the place “" + place(id) + "”.");
        });
        return part;
    }

    private static Stream<String> places(Layout layout) {
        Stream<String> texts =
                switch (layout) {
                    case Layout.InSentence(String sentence) -> Stream.of(sentence);
                    case Layout.InFormula(String formula) -> Stream.of(formula);
                    case Layout.InTable(List<String> head, List<List<String>> rows, boolean sums) ->
                        rows.stream().flatMap(List::stream);
                    case Layout.Stacked s -> Stream.empty();
                    case Layout.OnFigure f -> Stream.empty();
                };
        return texts.flatMap(text -> A_PLACE.matcher(text).results().map(found -> found.group(1)));
    }

    private static boolean isPlaced(Field field, Layout layout) {
        String place = place(field.id());
        return switch (layout) {
            case Layout.Stacked s -> true;
            case Layout.InSentence(String sentence) -> sentence.contains(place);
            case Layout.InFormula(String formula) -> formula.contains(place);
            case Layout.InTable(List<String> head, List<List<String>> rows, boolean sums) ->
                rows.stream().anyMatch(row -> row.contains(place));
            case Layout.OnFigure(Figure.Bar bar) ->
                field.response() instanceof Response.DropLabel
                        && (bar.total().equals(place)
                                || bar.pieces().stream().anyMatch(p -> p.slot().equals(field.id())));
            case Layout.OnFigure f -> false;
        };
    }

    private static String where(Layout layout, String id) {
        return layout instanceof Layout.OnFigure
                ? "On a figure are places for labels: “slot: " + id + "” at a piece of a bar, or “total: \"" + place(id)
                        + "\"”."
                : "It is written “" + place(id) + "” where it stands.";
    }

    private static String place(String id) {
        return "{{" + id + "}}";
    }
}
