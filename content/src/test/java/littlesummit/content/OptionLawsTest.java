package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.LongStream;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Response;
import littlesummit.core.item.WorkedStep;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers and pictures that once broke the law of options. */
class OptionLawsTest {
    @ParameterizedTest
    @ValueSource(strings = {"percent-discount", "lesson-percent-discount"})
    void noPriceIsAHundred(String skill) {
        LongStream.range(0, 3000)
                .mapToObj(seed -> TestItems.skill(skill).make(1, seed))
                .forEach(item -> assertFalse(
                        item.stem().toString().contains("\\$100 ")
                                || item.stem().toString().contains("\\$100."),
                        () -> item.stem().toString()));
    }

    /** The pieces of a bar are as wide as they are many, as far as their labels leave room. */
    @Test
    void theLargerPieceOfABarIsTheLargerShare() {
        LongStream.range(0, 500)
                .mapToObj(seed -> new Catalogue().require("percent-parts").make(2, seed))
                .filter(item -> item.ref().variant().startsWith("gone"))
                .forEach(item -> {
                    Figure.Bar bar = (Figure.Bar) ((littlesummit.core.item.Layout.OnFigure)
                                    item.parts().get(1).layout())
                            .figure();
                    double left = 100
                            - Double.parseDouble(item.parts()
                                    .get(2)
                                    .fields()
                                    .getFirst()
                                    .answer()
                                    .expected()
                                    .replace("%", ""));
                    double drawn = 100
                            * bar.pieces().getFirst().size()
                            / bar.pieces().stream()
                                    .mapToDouble(Figure.Piece::size)
                                    .sum();
                    assertTrue(
                            Math.abs(left - drawn) < 0.1 || left < 22 && drawn < 25 || left > 78 && drawn > 75,
                            () -> left + " drawn as " + drawn);
                });
    }

    @Test
    void theRightGraphShowsItsHoleAndNoFigureStandsTwice() {
        Item rational = new Catalogue()
                .make(new ItemRef(
                        "rational-analyse",
                        new Catalogue().require("rational-analyse").version(),
                        1,
                        "whole-way-1",
                        5));
        Response.ChooseOne graphs = (Response.ChooseOne)
                rational.parts().getLast().fields().getFirst().response();
        String right = rational.parts().getLast().fields().getFirst().answer().expected();
        Figure.Grid graph = (Figure.Grid) graphs.options().stream()
                .filter(o -> o.id().equals(right))
                .findFirst()
                .orElseThrow()
                .figure()
                .orElseThrow();
        assertTrue(graph.drawn().stream().anyMatch(Figure.Drawn.Hole.class::isInstance));
        assertTrue(graph.alt().contains("hole"));

        Item tiles = new Catalogue().require("tile-length").make(1, 5);
        assertFalse(tiles.stem().stream().anyMatch(littlesummit.core.item.Block.Picture.class::isInstance));
    }

    /** A formula or a picture names nothing by itself to someone who listens. */
    @Test
    void everyOptionCanBeReadAloud() {
        TestItems.chosenSkills().forEach(skill -> LongStream.range(0, 12)
                .mapToObj(seed -> skill.make((int) (seed % 3) + 1, seed))
                .flatMap(item -> item.parts().stream())
                .flatMap(part -> part.fields().stream())
                .flatMap(field -> field.response().options().stream())
                .forEach(option -> assertTrue(
                        option.spoken().matches("[^\\\\${}^_]+"),
                        () -> option.text() + " is read as: " + option.spoken())));
    }

    /** Nothing speaks of brackets that are not there: of those of the stem, or of a line before. */
    @Test
    void noStepDropsBracketsThatAreNotThere() {
        TestItems.chosenSkills().forEach(skill -> LongStream.range(0, 60)
                .mapToObj(seed -> skill.make((int) (seed % 3) + 1, seed))
                .forEach(item -> {
                    boolean there = item.stem().toString().contains("(");
                    for (WorkedStep step : item.worked()) {
                        assertTrue(
                                there || !step.say().contains("rop the brackets"),
                                () -> skill.id() + ": " + item.stem() + " " + step);
                        there |= step.math().contains("(");
                    }
                }));
    }
}
