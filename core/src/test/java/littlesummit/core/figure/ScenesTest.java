package littlesummit.core.figure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Figure.Drawn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Coordinates of what is drawn, worked out by hand. */
class ScenesTest {
    private static final double NEAR = 1e-6;

    private static <T extends Shape> List<T> all(Scene scene, Class<T> type) {
        return scene.shapes().stream().filter(type::isInstance).map(type::cast).toList();
    }

    private static List<String> texts(Scene scene) {
        return all(scene, Shape.Text.class).stream().map(Shape.Text::text).toList();
    }

    private static Shape.Text text(Scene scene, String text) {
        return all(scene, Shape.Text.class).stream()
                .filter(t -> t.text().equals(text))
                .findFirst()
                .orElseThrow(() -> new AssertionError(text + " is not in " + texts(scene)));
    }

    private static Figure.Grid grid(double from, double to, Drawn... drawn) {
        return new Figure.Grid("A grid.", from, to, from, to, 1, List.of(drawn));
    }

    private static double area(List<Point> corners) {
        return Math.abs(IntStream.range(0, corners.size())
                        .mapToDouble(i -> {
                            Point a = corners.get(i);
                            Point b = corners.get((i + 1) % corners.size());
                            return a.x() * b.y() - b.x() * a.y();
                        })
                        .sum())
                / 2;
    }

    private static void check(Scene scene, String at) {
        assertEquals(List.of(), SceneFaults.of(scene), at);
    }

    @Test
    void aPointIsRightOfTheOriginAndAboveIt() {
        Scene scene = Scenes.of(grid(-5, 5, new Drawn.Point(1, 2, "P")));
        Plot plot = scene.plot().orElseThrow();
        Point at = all(scene, Shape.Disc.class).getFirst().centre();
        assertEquals(plot.left() + 240, at.x(), NEAR);
        assertEquals(plot.top() + 120, at.y(), NEAR);
        assertEquals(400, plot.width(), NEAR);
        Box label = text(scene, "P").bounds();
        assertTrue(
                Math.abs(label.left() - at.x()) < 15 && label.bottom() <= at.y(), "its label is beside it: " + label);
    }

    @Test
    void pointsAreFilledAndHolesOpen() {
        List<Shape.Disc> dots =
                all(Scenes.of(grid(-5, 5, new Drawn.Point(1, 2, ""), new Drawn.Hole(2, 2))), Shape.Disc.class);
        assertEquals(
                List.of(Paint.MAIN, Paint.PAPER),
                dots.stream().map(Shape.Disc::fill).toList());
        assertTrue(dots.stream().allMatch(d -> d.stroke().paint() == Paint.MAIN));
    }

    @Test
    void labelsOfNeighboursKeepApart() {
        Drawn[] crowd = IntStream.range(0, 9)
                .mapToObj(i -> new Drawn.Point(i % 3, i / 3, "P" + i))
                .toArray(Drawn[]::new);
        Scene scene = Scenes.of(grid(-5, 5, crowd));
        check(scene, "nine points");
        assertTrue(
                texts(scene).containsAll(List.of("P0", "P4", "P8")),
                texts(scene).toString());
    }

    @Test
    void aCircleHasItsRadius() {
        Shape.Disc circle = all(Scenes.of(grid(-5, 5, new Drawn.Circle(1, -1, 3))), Shape.Disc.class)
                .getFirst();
        assertEquals(120, circle.radius(), NEAR);
        assertEquals(Paint.NONE, circle.fill());
    }

    @Test
    void whatLeavesTheGridIsCutOff() {
        Scene scene = Scenes.of(grid(
                -5,
                5,
                new Drawn.Circle(4, 4, 3),
                new Drawn.Curve(List.of(List.of(-1.0, -9.0, 0.0, 0.0, 1.0, 9.0))),
                new Drawn.Point(9, 0, "far")));
        check(scene, "cut");
        assertFalse(texts(scene).contains("far"));
        List<Shape.Path> main = all(scene, Shape.Path.class).stream()
                .filter(p -> p.stroke().paint() == Paint.MAIN)
                .toList();
        assertEquals(2, main.size(), "part of a circle and of a curve");
    }

    @Test
    void aCurveThatLeavesAndComesBackIsInPieces() {
        List<Double> wave = List.of(-4.0, 0.0, -2.0, 9.0, 0.0, 0.0, 2.0, 9.0, 4.0, 0.0);
        long pieces = all(Scenes.of(grid(-5, 5, new Drawn.Curve(List.of(wave)))), Shape.Path.class).stream()
                .filter(p -> p.stroke().paint() == Paint.MAIN)
                .count();
        assertEquals(3, pieces);
    }

    @Test
    void asymptotesAreDashedAndLinesAreAsTheySay() {
        Scene scene = Scenes.of(grid(
                -5,
                5,
                new Drawn.Asymptote(1, 0, 2, "x = 2"),
                new Drawn.Line(-1, 1, 0, false),
                new Drawn.Line(0, 1, 3, true)));
        List<Shape.Path> lines = all(scene, Shape.Path.class).stream()
                .filter(p -> p.stroke().width() >= 2)
                .toList();
        assertEquals(
                List.of(true, false, true),
                lines.stream().map(p -> p.stroke().dashed()).toList());
        Plot plot = scene.plot().orElseThrow();
        assertTrue(
                lines.getFirst().points().stream().allMatch(p -> Math.abs(p.x() - plot.left() - 280) < NEAR),
                "x = 2 stands upright");
        Box diagonal = lines.get(1).bounds();
        assertEquals(diagonal.right() - diagonal.left(), diagonal.bottom() - diagonal.top(), NEAR, "y = x");
        assertTrue(
                lines.get(2).points().stream().allMatch(p -> Math.abs(p.y() - plot.top() - 80) < NEAR),
                "y = 3 lies flat");
        assertFalse(texts(scene).contains("x = 2"), "it may be what is asked");
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        -5; 5; 1; −4 −3 −2 −1 1 2 3 4
        -10; 10; 1; −8 −6 −4 −2 2 4 6 8
        -20; 20; 2; −16 −12 −8 −4 4 8 12 16
        """)
    void aGridIsNumberedWhereThereIsRoom(double from, double to, double step, String numbers) {
        Scene scene = Scenes.of(new Figure.Grid("A grid.", from, to, from, to, step, List.of()));
        for (String number : numbers.split(" ")) {
            assertEquals(
                    2,
                    texts(scene).stream().filter(number::equals).count(),
                    number + " on both axes of " + texts(scene));
        }
        assertTrue(texts(scene).containsAll(List.of("x", "y")));
        assertFalse(texts(scene).contains("0"));
    }

    @Test
    void aGridWithoutTheOriginIsNumberedAtItsEdges() {
        Scene scene = Scenes.of(new Figure.Grid("A grid.", 10, 20, 100, 110, 1, List.of()));
        check(scene, "far from the origin");
        assertTrue(texts(scene).containsAll(List.of("15", "105")), texts(scene).toString());
    }

    @Test
    void aNumberLineIsEven() {
        Scene scene = Scenes.of(new Figure.NumberLine(
                "A line.",
                -3,
                5,
                1,
                List.of(
                        new Figure.Mark(-2, "A", false),
                        new Figure.Mark(2, "B", true),
                        new Figure.Mark(4, "C", false))));
        List<Shape.Disc> marks = all(scene, Shape.Disc.class);
        double unit = (marks.get(2).centre().x() - marks.get(1).centre().x()) / 2;
        assertEquals(4 * unit, marks.get(1).centre().x() - marks.get(0).centre().x(), NEAR);
        assertEquals(
                List.of(Paint.MAIN, Paint.PAPER, Paint.MAIN),
                marks.stream().map(Shape.Disc::fill).toList());
        assertEquals(marks.get(0).centre().x(), text(scene, "−2").at().x(), NEAR);
        assertEquals(marks.get(0).centre().x(), text(scene, "A").at().x(), NEAR);
    }

    @Test
    void aLineNumberedAtItsEndsHasAllItsTicksAndNoOtherNumber() {
        Scene scene = Scenes.of(new Figure.NumberLine("A line.", 2000, 4000, 200, List.of(), true));

        assertEquals(List.of("2000", "4000"), texts(scene));
        assertEquals(
                Scenes.of(new Figure.NumberLine("A line.", 2000, 4000, 200, List.of())).shapes().stream()
                        .filter(s -> !(s instanceof Shape.Text))
                        .count(),
                scene.shapes().stream().filter(s -> !(s instanceof Shape.Text)).count());
    }

    @Test
    void labelsOfPointsThatAreCloseStandAboveOneAnother() {
        Scene scene = Scenes.of(new Figure.NumberLine(
                "A line.", -30, 30, 1, List.of(new Figure.Mark(4, "start", false), new Figure.Mark(5, "end", false))));
        check(scene, "close");
        assertTrue(text(scene, "end").at().y() < text(scene, "start").at().y());
    }

    @Test
    void angleMarksGoFromRayToRay() {
        Scene scene = Scenes.of(new Figure.Angles(
                "Two lines.",
                List.of(new Figure.Ray(10, "", true), new Figure.Ray(70, "", true)),
                List.of(new Figure.Arc(10, 70, "60°", false), new Figure.Arc(0, 90, "", true))));
        Shape.Arc arc = all(scene, Shape.Arc.class).getFirst();
        assertEquals(List.of(10.0, 70.0), List.of(arc.from(), arc.to()));
        Point label = text(scene, "60°").at();
        double degrees = Math.toDegrees(Math.atan2(
                arc.centre().y() - label.y() + 6, label.x() - arc.centre().x()));
        assertEquals(40, degrees, 0.01, "the label lies in the middle of the angle");
        assertTrue(
                Math.hypot(
                                arc.centre().y() - label.y() + 6,
                                label.x() - arc.centre().x())
                        > arc.radius() + 15,
                "outside of its arc");
    }

    /** Otherwise three marked angles that meet look like one half circle. */
    @Test
    void arcsThatMeetOrRunOverOneAnotherAreDrawnApart() {
        Scene scene = Scenes.of(new Figure.Angles(
                "A corner.",
                List.of(new Figure.Ray(0, "", true), new Figure.Ray(73, "", false), new Figure.Ray(90, "", false)),
                List.of(
                        new Figure.Arc(0, 73, "73°", false),
                        new Figure.Arc(73, 90, "x", false),
                        new Figure.Arc(73, 180, "y", false))));
        List<Double> radii =
                all(scene, Shape.Arc.class).stream().map(Shape.Arc::radius).toList();
        assertEquals(3, radii.stream().distinct().count(), radii.toString());
        assertTrue(radii.get(2) >= radii.get(1) + 30, "y goes round x and its label: " + radii);
        check(scene, "a corner");
        List<Double> opposite = all(
                        Scenes.of(new Figure.Angles(
                                "Two lines.",
                                List.of(new Figure.Ray(0, "", true), new Figure.Ray(60, "", true)),
                                List.of(new Figure.Arc(0, 60, "60°", false), new Figure.Arc(180, 240, "x", false)))),
                        Shape.Arc.class)
                .stream()
                .map(Shape.Arc::radius)
                .toList();
        assertEquals(opposite.get(0), opposite.get(1), "opposite ones look alike");
    }

    @ParameterizedTest
    @CsvSource({"4", "8", "15"})
    void aNarrowAngleHasItsLabelFartherOut(double degrees) {
        Scene scene = Scenes.of(new Figure.Angles(
                "Two lines.",
                List.of(new Figure.Ray(0, "", true), new Figure.Ray(degrees, "", true)),
                List.of(new Figure.Arc(0, degrees, degrees + "°", false))));
        check(scene, degrees + "");
    }

    @ParameterizedTest
    @CsvSource({"BAR,5,3", "CIRCLE,3,1", "CIRCLE,8,8", "CIRCLE,1,1"})
    void equalPartsHaveEqualAreas(Figure.Shape shape, int parts, int shaded) {
        Scene scene =
                Scenes.of(new Figure.FractionPicture("A picture.", shape, 2, Collections.nCopies(parts, 1.0), shaded));
        assertEquals(2 * parts, scene.spots().size());
        assertEquals(shaded, scene.spots().stream().filter(Spot::marked).count());
        assertEquals(
                shaded,
                all(scene, Shape.Path.class).stream()
                        .filter(p -> p.fill() == Paint.HATCH)
                        .count());
        double first = area(scene.spots().getFirst().outline());
        scene.spots().forEach(spot -> assertEquals(first, area(spot.outline()), first * 0.001, spot.id()));
        assertEquals(
                List.of("0", "1"),
                scene.spots().stream()
                        .limit(2)
                        .map(Spot::id)
                        .toList()
                        .subList(0, Math.min(2, scene.spots().size())));
    }

    @Test
    void unequalPartsAreAsLargeAsTheySay() {
        Scene scene = Scenes.of(new Figure.FractionPicture("A picture.", Figure.Shape.CIRCLE, 1, List.of(1.0, 3.0), 0));
        assertEquals(
                3,
                area(scene.spots().get(1).outline()) / area(scene.spots().get(0).outline()),
                0.01);
    }

    @Test
    void aBarIsCutInProportion() {
        Scene scene = Scenes.of(new Figure.Bar(
                "A bar.",
                "100%",
                List.of(new Figure.Piece(70, "left", true, ""), new Figure.Piece(30, "gone", false, "gone"))));
        List<Shape.Path> pieces =
                all(scene, Shape.Path.class).stream().filter(Shape.Path::closed).toList();
        assertEquals(7.0 / 3, area(pieces.get(0).points()) / area(pieces.get(1).points()), NEAR);
        assertEquals(
                List.of(Paint.HATCH, Paint.PAPER),
                pieces.stream().map(Shape.Path::fill).toList());
        Box gone = pieces.get(1).bounds();
        assertEquals((gone.left() + gone.right()) / 2, text(scene, "gone").at().x(), NEAR);
        assertTrue(text(scene, "100%").at().y() < gone.top());
        assertEquals(List.of("gone"), scene.spots().stream().map(Spot::id).toList());
    }

    @Test
    void aPlaceForTheWholeIsAField() {
        Scene scene = Scenes.of(new Figure.Bar("A bar.", "{{total}}", List.of(new Figure.Piece(1, "all", true, ""))));
        assertEquals(List.of("total"), scene.spots().stream().map(Spot::id).toList());
        assertFalse(texts(scene).contains("{{total}}"));
    }

    @Test
    void longLabelsOfNarrowPiecesDoNotMeet() {
        check(
                Scenes.of(new Figure.Bar(
                        "A bar.",
                        "all of it",
                        List.of(
                                new Figure.Piece(1, "a long label here", true, ""),
                                new Figure.Piece(1, "another long one", false, ""),
                                new Figure.Piece(18, "rest", false, "")))),
                "bar");
    }

    @Test
    void aRayHasAnArrowAtOneEndOnly() {
        Figure.Straight ray = new Figure.Straight(
                "A ray.", List.of(new Figure.Named("A", 10, 50), new Figure.Named("B", 60, 50)), false, true, 0);
        List<Shape.Path> paths = all(Scenes.of(ray), Shape.Path.class);
        assertEquals(2, paths.size(), "the line and one arrow");
        Box line = paths.getFirst().bounds();
        Point tip = paths.get(1).points().get(1);
        assertEquals(line.right(), tip.x() + 1, NEAR);
        List<Double> dots = all(Scenes.of(ray), Shape.Disc.class).stream()
                .map(d -> d.centre().x())
                .toList();
        assertEquals(line.left() + 1, dots.getFirst(), NEAR, "it begins at A");
        assertTrue(line.right() > dots.getLast() + 20, "and goes on past B");
        assertEquals(List.of("A", "B"), texts(Scenes.of(ray)));
    }

    @Test
    void ticksCountAndSegmentsStandBelowOneAnother() {
        Figure.Straight one = new Figure.Straight(
                "AB.", List.of(new Figure.Named("A", 10, 50), new Figure.Named("B", 60, 50)), false, false, 2);
        Figure.Straight two = new Figure.Straight(
                "CD.", List.of(new Figure.Named("C", 10, 20), new Figure.Named("D", 60, 60)), false, false, 1);
        Scene scene = Scenes.of(new Figure.Straights("Two.", List.of(one, two)));
        assertEquals(2 + 3, all(scene, Shape.Path.class).size(), "two segments, three ticks");
        assertTrue(text(scene, "C").at().y() > text(scene, "A").at().y());
    }

    @Test
    void aShapeHasItsMarks() {
        Figure.Polygon shape = new Figure.Polygon(
                "c", "a right triangle", List.of(0.0, 80.0, 60.0, 80.0, 0.0, 0.0), List.of(1, 0, 1), List.of(0));
        Scene scene = Scenes.of(shape);
        List<Shape.Path> paths = all(scene, Shape.Path.class);
        assertEquals(1 + 2 + 1 + 1, paths.size(), "the triangle, two ticks, one square and the room");
        assertEquals(2400, area(paths.getFirst().points()), NEAR);
        assertEquals(List.of("c"), texts(Scenes.of(new Figure.Shapes("One shape.", List.of(shape)))));
    }

    @Test
    void theHandOfADialPointsAtTheReading() {
        Scene scene = Scenes.of(new Figure.Scale("A dial.", 1000, 100, 500, "g"));
        Shape.Path hand = all(scene, Shape.Path.class).stream()
                .filter(p -> p.stroke().paint() == Paint.HAND)
                .findFirst()
                .orElseThrow();
        assertEquals(hand.points().getFirst().x(), hand.points().getLast().x(), NEAR);
        assertTrue(hand.points().getLast().y() < hand.points().getFirst().y(), "half of it is straight up");
        assertTrue(
                texts(scene).containsAll(List.of("0", "200", "1000", "g")),
                texts(scene).toString());
    }

    @Test
    void aBalanceTiltsToTheHeavierSide() {
        Scene level = Scenes.of(new Figure.Balance("Level.", List.of("2x"), List.of("8"), true));
        Scene tilted = Scenes.of(new Figure.Balance("Tilted.", List.of("2x"), List.of("8"), false));
        assertEquals(text(level, "2x").at().y(), text(level, "8").at().y(), NEAR);
        assertTrue(text(tilted, "8").at().y() > text(tilted, "2x").at().y());
    }

    @Test
    void anObjectLiesBetweenItsMarks() {
        Scene scene = Scenes.of(new Figure.Measured("A sledge.", "sledge", "tile", 7, 2));
        Box object = all(scene, Shape.Path.class).getFirst().bounds();
        assertEquals(text(scene, "2").at().x(), object.left() + 1.2, NEAR);
        assertEquals(text(scene, "9").at().x(), object.right() - 1.2, NEAR);
        assertEquals(10, scene.spots().size(), "seven units fit, and three too many can be laid");
        assertEquals("tile 1", scene.spots().getFirst().label());
    }

    static Stream<Figure> kinds() {
        return Stream.of(
                new Figure.Bar(
                        "A bar.",
                        "100%",
                        List.of(new Figure.Piece(70, "left", true, ""), new Figure.Piece(30, "gone", false, ""))),
                new Figure.FractionPicture("A picture.", Figure.Shape.CIRCLE, 5, List.of(1.0, 1.0), 3),
                new Figure.NumberLine("A line.", 0, 40, 10, List.of(new Figure.Mark(20, "20", false))),
                new Figure.Angles(
                        "Angles.",
                        List.of(new Figure.Ray(0, "p", false), new Figure.Ray(90, "q", false)),
                        List.of(new Figure.Arc(0, 90, "", true))),
                grid(-10, 10, new Drawn.Point(-9, 9, "corner"), new Drawn.Point(9, -9, "other")),
                new Figure.Balance("A balance.", List.of("x", "x"), List.of("12"), true),
                new Figure.Scale("A dial.", 2.5, 0.1, 1.2, "kg"),
                new Figure.Measured("A rope.", "rope", "foot", 3, 0),
                image(600, 300, area("A", 0, 0, 100, 100), area("B", 10, 10, 90, 90), area("C", 550, 250, 600, 300)));
    }

    private static Figure.Polygon area(String id, double left, double top, double right, double bottom) {
        return new Figure.Polygon(
                id, "", List.of(left, top, right, top, right, bottom, left, bottom), List.of(), List.of());
    }

    private static Figure.Image image(int width, int height, Figure.Polygon... areas) {
        return new Figure.Image("A picture.", "data:image/png;base64,AAAA", width, height, List.of(areas));
    }

    /** 520 units wide at most: 1040 pixels are halved, and what is outlined on them, too. */
    @Test
    void aPictureOfPixelsIsMadeSmallerWithItsAreas() {
        Scene scene = Scenes.of(image(1040, 400, area("A", 100, 200, 300, 400)));
        Shape.Image pixels = all(scene, Shape.Image.class).getFirst();
        assertEquals(List.of(520.0, 200.0), List.of(pixels.width(), pixels.height()));
        Box outline = all(scene, Shape.Path.class).getFirst().bounds().wider(-2.25);
        assertEquals(50, outline.left() - pixels.at().x(), NEAR);
        assertEquals(150, outline.right() - pixels.at().x(), NEAR);
        assertEquals(100, outline.top() - pixels.at().y(), NEAR);
        assertEquals(100 + pixels.at().x(), text(scene, "A").at().x(), NEAR);
        assertEquals(
                List.of(60.0, 30.0),
                all(Scenes.of(image(60, 30)), Shape.Image.class).stream()
                        .flatMap(small -> Stream.of(small.width(), small.height()))
                        .toList());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "data:image/svg+xml;base64,AAAA",
                "data:image/png;base64,A B",
                "data:image/png,AAAA",
                "https://valley.example/hills.png"
            })
    void onlyPicturesThatAreWholeInTheDocumentAreTaken(String data) {
        refused(data, 60, 30, "0,0,9,0,9,9", "data URL");
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        0; 30; 0,0,9,0,9,9; from 1 to 4000 pixels
        60; 4001; 0,0,9,0,9,9; from 1 to 4000 pixels
        60; 30; 0,0,61,0,9,9; all of them in the picture
        60; 30; 0,0,9,0,9,31; all of them in the picture
        60; 30; 0,0,9,-1,9,9; all of them in the picture
        60; 30; 0,0,9,0; three corners
        60; 30; 0,0,9,0,9,9,5; three corners
        """)
    void aPictureAndItsAreasAreAsLargeAsCanBeSeen(int width, int height, String corners, String sentence) {
        refused("data:image/png;base64,AAAA", width, height, corners, sentence);
    }

    private static void refused(String data, int width, int height, String corners, String sentence) {
        List<Double> at = Stream.of(corners.split(",")).map(Double::valueOf).toList();
        List<Figure.Polygon> areas = List.of(new Figure.Polygon("A", "", at, List.of(), List.of()));
        String said = assertThrows(
                        IllegalArgumentException.class, () -> new Figure.Image("A", data, width, height, areas))
                .getMessage();
        assertTrue(said.contains(sentence), said);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everySceneObeysTheLaws(Figure figure) {
        check(Scenes.of(figure), figure.alt());
        assertEquals(figure.alt(), Scenes.of(figure).alt());
    }

    @Test
    void aLineToMarkHasAPlaceAtEachTick() {
        Scene scene = Scenes.toMark(new Figure.NumberLine("A line.", 0, 2, 0.25, List.of(), true));
        assertEquals(9, scene.spots().size());
        assertEquals(
                List.of("at 0", "1 tick after 0", "2 ticks after 0"),
                scene.spots().subList(0, 3).stream().map(Spot::label).toList());
        assertEquals("at 2", scene.spots().getLast().label());
        assertEquals(List.of(), SceneFaults.of(scene));
        Scene plain = Scenes.of(new Figure.NumberLine("A line.", 0, 2, 0.25, List.of(), true));
        assertEquals(List.of(), plain.spots());
        assertEquals(plain.shapes().size(), scene.shapes().size());
    }

    /** The middle of each place is on its tick, so that a mark put there lies on the line. */
    @Test
    void thePlacesLieAtTheTicks() {
        Scene scene = Scenes.toMark(new Figure.NumberLine("A line.", -3, 3, 1, List.of()));
        List<Double> ticks = scene.shapes().stream()
                .filter(s -> s instanceof Shape.Path(List<Point> points, boolean closed, Stroke stroke, Paint fill)
                        && points.size() == 2
                        && points.get(0).x() == points.get(1).x())
                .map(s -> ((Shape.Path) s).points().getFirst().x())
                .toList();
        List<Double> places = scene.spots().stream()
                .map(spot -> (spot.bounds().left() + spot.bounds().right()) / 2)
                .toList();
        assertEquals(7, places.size());
        for (int i = 0; i < places.size(); i++) {
            assertEquals(ticks.get(i), places.get(i), 1e-9);
        }
    }
}
