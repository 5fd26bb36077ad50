package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import littlesummit.core.figure.SceneFaults;
import littlesummit.core.figure.Scenes;
import littlesummit.core.item.Block;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every picture of every item: nothing leaves it, and no label lies on another. */
class FigureLawsTest {
    private static final int SEEDS = Integer.getInteger("seeds", 300);

    static Stream<Skill> skills() {
        return TestItems.chosen();
    }

    @ParameterizedTest
    @MethodSource("skills")
    void labelsNeitherOverlapNorLeaveThePicture(Skill skill) {
        Set<Figure> seen = new HashSet<>();
        for (int tier = 1; tier <= 3; tier++) {
            for (long seed = 0; seed < SEEDS; seed++) {
                String at = skill.id() + " tier " + tier + " seed " + seed;
                figures(TestItems.made(skill, tier, seed))
                        .filter(seen::add)
                        .forEach(figure -> assertEquals(List.of(), SceneFaults.of(Scenes.of(figure)), at));
            }
        }
    }

    static Stream<Figure> figures(Item item) {
        Stream<Block> blocks =
                Stream.concat(item.stem().stream(), item.second().stream().flatMap(second -> second.blocks().stream()));
        return Stream.concat(
                blocks.flatMap(FigureLawsTest::of), item.parts().stream().flatMap(FigureLawsTest::figures));
    }

    private static Stream<Figure> of(Block block) {
        return block instanceof Block.Picture(Figure figure) ? Stream.of(figure) : Stream.of();
    }

    private static Stream<Figure> figures(Part part) {
        Stream<Figure> layout =
                part.layout() instanceof Layout.OnFigure(Figure figure) ? Stream.of(figure) : Stream.of();
        return Stream.concat(
                layout,
                part.fields().stream()
                        .flatMap(field -> Stream.concat(
                                ofResponse(field.response()),
                                field.response().options().stream()
                                        .map(Option::figure)
                                        .flatMap(Optional::stream))));
    }

    private static Stream<Figure> ofResponse(Response response) {
        return switch (response) {
            case Response.Shade(var picture) -> Stream.of(picture);
            case Response.PlotPoint(var grid) -> Stream.of(grid);
            case Response.PlotLine(var grid) -> Stream.of(grid);
            case Response.SelectShapes(var shapes) -> Stream.of(shapes);
            case Response.LayUnits(var object) -> Stream.of(object);
            case Response.MarkOnLine(var line) -> Stream.of(line);
            case Response.RayOnLine(var line, String letter) -> Stream.of(line);
            case Response.PutInOrder o -> Stream.of();
            case Response.WriteInColumns c -> Stream.of();
            case Response.Typed t -> Stream.of();
            case Response.ChooseOne c -> Stream.of();
            case Response.ChooseAll c -> Stream.of();
            case Response.PickFromList p -> Stream.of();
            case Response.DropLabel d -> Stream.of();
            case Response.InkWords i -> Stream.of();
            case Response.Said s -> Stream.of();
        };
    }
}
