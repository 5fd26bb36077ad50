package littlesummit.core.template;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;

/** Reads a variant that is one item, as another program wrote it; nothing in it is believed. */
final class WholeReader {
    private static final int MOST_PARTS = 20;
    private static final int MOST_FIELDS = 40;

    private final WholeItems items;

    WholeReader(WholeItems items) {
        this.items = items;
    }

    /** @throws Refused for what is no item, or one that could not be shown or answered */
    Variant read(String id, Place at, Set<Integer> tiers, Node node) {
        Item item;
        try {
            item = items.read(node);
        } catch (IllegalArgumentException none) {
            throw new Refused(node.at(), none.getMessage());
        }
        try {
            look(item, node.at());
        } catch (Unmade unmade) {
            throw new Refused(node.at(), unmade.complaint().sentence());
        }
        return new Variant(
                id,
                at,
                tiers,
                Map.of(),
                Map.of(),
                List.of(),
                List.of(),
                making -> item.stem(),
                item.parts().stream()
                        .map(part -> new PartReader.PartMade(making -> part, Map.of(), item.isRead()))
                        .toList(),
                making -> item.worked(),
                item.second().map(second -> making -> second),
                item.calculator(),
                Optional.of(item.given()).filter(given -> !given.isEmpty()).map(Entry.Kept::new));
    }

    private static void look(Item item, Place at) {
        Unmade.unless(item.parts().size() <= MOST_PARTS, at, "An item has at most " + MOST_PARTS + " parts.");
        figures(item.stem()).forEach(figure -> FigureBounds.within(figure, at));
        item.second().ifPresent(second -> figures(second.blocks()).forEach(figure -> FigureBounds.within(figure, at)));
        for (Part part : item.parts()) {
            Unmade.unless(part.fields().size() <= MOST_FIELDS, at, "A part has at most " + MOST_FIELDS + " fields.");
            if (part.layout() instanceof Layout.OnFigure(Figure figure)) {
                FigureBounds.within(figure, at);
            }
            part.fields().forEach(field -> look(field, at));
            Placing.placed(part, at);
        }
    }

    private static Stream<Figure> figures(List<Block> blocks) {
        return blocks.stream().filter(Block.Picture.class::isInstance).map(block -> ((Block.Picture) block).figure());
    }

    private static void look(Field field, Place at) {
        drawn(field.response()).ifPresent(figure -> FigureBounds.within(figure, at));
        for (Option option : field.response().options()) {
            option.figure().ifPresent(figure -> FigureBounds.within(figure, at));
        }
        Unmade.unless(isOffered(field.response()), at, "The field “" + field.id() + "” has nothing to choose from.");
        Unmade.unless(isItsOwnAnswer(field), at, "The field “" + field.id() + "” does not take its own answer.");
    }

    private static boolean isOffered(Response response) {
        return switch (response) {
            case Response.ChooseOne c -> !c.options().isEmpty();
            case Response.ChooseAll c -> !c.options().isEmpty();
            case Response.PickFromList c -> !c.options().isEmpty();
            case Response.DropLabel c -> !c.labels().isEmpty();
            case Response.PutInOrder c -> !c.options().isEmpty();
            default -> true;
        };
    }

    private static Optional<Figure> drawn(Response response) {
        return switch (response) {
            case Response.Shade(var picture) -> Optional.of(picture);
            case Response.MarkOnLine(var line) -> Optional.of(line);
            case Response.RayOnLine(var line, String letter) -> Optional.of(line);
            case Response.PlotPoint(var grid) -> Optional.of(grid);
            case Response.PlotLine(var grid) -> Optional.of(grid);
            case Response.SelectShapes(var shapes) -> Optional.of(shapes);
            case Response.LayUnits(var object) -> Optional.of(object);
            default -> Optional.empty();
        };
    }

    private static boolean isItsOwnAnswer(Field field) {
        try {
            return Grader.grade(field.answer(), field.answer().key()) instanceof Verdict.Correct;
        } catch (RuntimeException unreadable) {
            return false;
        }
    }
}
