package littlesummit.app.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.app.ApiTest;
import littlesummit.app.web.Json;
import littlesummit.app.web.Schema;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;

/** What is kept of an item is all of it. */
class ItemDtoTest extends ApiTest {
    private static final Schema<ItemDto> SCHEMA = Schema.first(ItemDto.class);
    private static final int SEEDS = 6;

    @Autowired
    private Json json;

    @Autowired
    private ObjectMapper mapper;

    static Stream<Skill> makers() {
        return Stream.concat(new Catalogue().skills().stream(), new Catalogue().lessons().stream());
    }

    @ParameterizedTest
    @MethodSource("makers")
    void comesBackEqual(Skill skill) {
        for (int tier = 1; tier <= 3; tier++) {
            for (long seed = 0; seed < SEEDS; seed++) {
                for (Item item : new Item[] {skill.make(tier, seed), skill.makeOpen(tier, seed)}) {
                    String text = json.write(ItemDto.of(item), SCHEMA);
                    assertEquals(item, json.read(text, 1, SCHEMA).toCore(item.ref()), () -> item.ref() + "\n" + text);
                    assertEquals(
                            text, json.write(ItemDto.of(item), SCHEMA), "the same item is written in the same way");
                }
            }
        }
    }

    /** No skill that ships asks for words alone; documents of one's own may. */
    private static final Field SAID = Field.said("why", "Why", "a sentence or two", "Each crate holds as many.");

    @Test
    void wordsAloneComeBackEqual() {
        Item shipped = new Catalogue().require("unit-rate").make(1, 1);
        Item item = new Item(
                shipped.ref(),
                shipped.stem(),
                List.of(Part.of("Why?", SAID)),
                shipped.worked(),
                shipped.second(),
                false,
                "");
        String text = json.write(ItemDto.of(item), SCHEMA);
        assertEquals(item, json.read(text, 1, SCHEMA).toCore(item.ref()), text);
    }

    @Test
    void theSamplesHaveEveryKindOfResponseAndLayout() {
        assertEquals(
                kinds(Response.class),
                kindsIn(Stream.concat(
                                makers().flatMap(ItemDtoTest::items)
                                        .flatMap(i -> i.parts().stream())
                                        .flatMap(p -> p.fields().stream()),
                                Stream.of(SAID))
                        .map(f -> f.response())),
                "every kind that there is");
        assertEquals(
                kinds(Layout.class),
                kindsIn(makers().flatMap(ItemDtoTest::items)
                        .flatMap(i -> i.parts().stream())
                        .map(p -> p.layout())));
    }

    private static Stream<Item> items(Skill skill) {
        return IntStream.rangeClosed(1, 3).boxed().flatMap(tier -> LongStream.range(0, SEEDS)
                .mapToObj(seed -> skill.make(tier, seed)));
    }

    private static int kinds(Class<?> sealed) {
        return sealed.getPermittedSubclasses().length;
    }

    private static int kindsIn(Stream<?> values) {
        return (int) values.map(Object::getClass).distinct().count();
    }

    /** Figures that no skill draws yet are kept as well. */
    @ParameterizedTest
    @MethodSource("figures")
    void figuresComeBackEqual(Figure figure) throws IOException {
        String text = mapper.writerFor(FigureDto.class).writeValueAsString(FigureDto.of(figure));
        assertEquals(figure, mapper.readValue(text, FigureDto.class).toCore(), text);
    }

    static Stream<Figure> figures() {
        Figure.Straight segment = new Figure.Straight(
                "a", List.of(new Figure.Named("A", 0, 0.5), new Figure.Named("B", 4, 1)), true, false, 2);
        return Stream.of(
                segment,
                new Figure.Straights("a", List.of(segment, segment)),
                new Figure.NumberLine("a", -3, 3, 0.5, List.of(new Figure.Mark(-2, "A", true))),
                new Figure.NumberLine("a", 0, 10, 1, List.of(), true),
                new Figure.Grid(
                        "a",
                        -5,
                        5,
                        -4,
                        4,
                        1,
                        List.of(
                                new Figure.Drawn.Point(1, 2, "P"),
                                new Figure.Drawn.Circle(0, 0, 3),
                                new Figure.Drawn.Hole(2, -1),
                                new Figure.Drawn.Curve(List.of(List.of(0.0, 1.0, 2.0, 3.0))),
                                new Figure.Drawn.Asymptote(1, 0, 2, "x = 2"))),
                new Figure.Balance("a", List.of("8x"), List.of("128 kg"), false),
                new Figure.Image(
                        "a",
                        "data:image/png;base64,AAAA",
                        60,
                        30,
                        List.of(new Figure.Polygon(
                                "A", "a", List.of(0.0, 0.0, 9.0, 0.0, 9.0, 9.0), List.of(), List.of()))),
                new Figure.Scale("a", 1000, 50, 350, "g"));
    }
}
