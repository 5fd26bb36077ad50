package littlesummit.content.code.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** All shapes that fit are chosen in a picture of many. */
final class ShapeSelection {
    private static final List<String> IDS = List.of("a", "b", "c", "d", "e", "f", "g", "h");

    private ShapeSelection() {}

    /**
     * A kind of shapes with four sides.
     *
     * @param article with the name
     * @param says what makes it one
     * @param property which shapes are of the kind, also those that have a name of their own
     */
    private record Kind(String article, String says, ShapeProperty property) {
        static final List<Kind> ALL = List.of(
                new Kind("a rectangle", "and four right angles", kind("rectangle", "square", "rectangle")),
                new Kind("a rhombus", "of the same length", kind("rhombus", "square", "rhombus")),
                new Kind(
                        "a parallelogram",
                        "and two pairs of parallel sides",
                        kind("parallelogram", "square", "rectangle", "rhombus", "parallelogram")));

        private static ShapeProperty kind(String name, String... outlines) {
            return new ShapeProperty(
                    "what makes a " + name,
                    "Go by what makes a " + name + ", and by nothing else: a shape may have more than it needs.",
                    o -> List.of(outlines).contains(o.name()));
        }
    }

    static Item sides(ItemRef ref, String frame, Draw draw) {
        ShapeProperty property = ShapeProperty.sides(draw.between(3, 5));
        return allWith(ref, frame, property, false, draw.between(6, 7), draw);
    }

    static Item property(ItemRef ref, String frame, Draw draw) {
        ShapeProperty property = draw.oneOf(ShapeProperty.SEEN);
        return allWith(ref, frame, property, true, 7, draw);
    }

    private static Item allWith(
            ItemRef ref, String frame, ShapeProperty property, boolean marks, int count, Draw draw) {
        return item(
                ref,
                frame + " Choose all with " + property.says() + ".",
                "Choose every shape that fits.",
                property,
                marks,
                count,
                draw);
    }

    static Item kind(ItemRef ref, String frame, Draw draw) {
        Kind kind = draw.oneOf(Kind.ALL);
        String text = frame.formatted(kind.article(), kind.says());
        return item(
                ref,
                Character.toUpperCase(text.charAt(0)) + text.substring(1),
                "Choose every shape that is " + kind.article() + ".",
                kind.property(),
                true,
                8,
                draw);
    }

    static Item two(ItemRef ref, String frame, Draw draw) {
        ShapeProperty four = ShapeProperty.sides(4);
        ShapeProperty property = draw.oneOf(
                four.and(ShapeProperty.RIGHT_ANGLE),
                ShapeProperty.PARALLEL.without(ShapeProperty.RIGHT_ANGLE, "no right angle"),
                four.without(ShapeProperty.EQUAL, "not all sides equally long"),
                ShapeProperty.RIGHT_ANGLE.and(ShapeProperty.PARALLEL));
        return allWith(ref, frame, property, true, 8, draw);
    }

    static Item hoops(ItemRef ref, String frame, Draw draw) {
        ShapeProperty left = ShapeProperty.sides(draw.between(3, 4));
        ShapeProperty right = draw.oneOf(ShapeProperty.SEEN);
        boolean ropes = frame.contains("rope");
        String one = ropes ? "inside the red rope" : "in the left hoop";
        String two = ropes ? "inside the blue rope" : "in the right hoop";
        String where =
                switch (draw.between(0, 2)) {
                    case 0 -> one + ", but not " + two;
                    case 1 -> two + ", but not " + one;
                    default -> "in neither of the two";
                };
        String rule = "Ask of each shape: does it have the first? Does it have the second? " + left.rule() + " "
                + right.rule();
        ShapeProperty property = new ShapeProperty(
                "a place " + where,
                rule,
                where.startsWith(one)
                        ? left.holds().and(right.holds().negate())
                        : where.startsWith(two)
                                ? right.holds().and(left.holds().negate())
                                : left.holds().or(right.holds()).negate());
        return item(
                ref,
                frame.formatted(left.says(), right.says()),
                "Choose every shape that belongs " + where + ".",
                property,
                true,
                8,
                draw);
    }

    private static Item item(
            ItemRef ref, String text, String prompt, ShapeProperty property, boolean marks, int count, Draw draw) {
        List<Outline> shapes;
        do {
            shapes = Outline.draw(count, draw);
        } while (!isTelling(shapes, property));
        List<Figure.Polygon> polygons = new ArrayList<>();
        List<String> right = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            polygons.add(shapes.get(i).turned(draw.between(0, 7) * 15, IDS.get(i), marks));
            if (property.holds().test(shapes.get(i))) {
                right.add(IDS.get(i));
            }
        }
        Figure.Shapes figure =
                new Figure.Shapes(count + " shapes, lettered a to " + IDS.get(count - 1) + ".", polygons);
        AnswerSpec answer = AnswerSpec.choice(String.join(",", right), IDS.subList(0, count));
        Field field = new Field(
                "shapes",
                "Shapes with " + property.says(),
                "",
                new Response.SelectShapes(figure),
                answer,
                List.of(mistakes(answer, right, count).list()));
        return Items.of(ref)
                .text(text)
                .part(Part.of(
                        prompt,
                        field,
                        "Go through them one by one, in the order of their letters.",
                        property.rule(),
                        "Begin with shape a. Does it have what is asked for? Then go on to b."))
                .step(property.rule(), "")
                .step("These fit: " + String.join(", ", right) + ".", "")
                .build();
    }

    private static boolean isTelling(List<Outline> shapes, ShapeProperty property) {
        long fitting = shapes.stream().filter(property.holds()).count();
        return fitting >= 2 && fitting < shapes.size() - 1;
    }

    /** One too many, or one too few: whichever it is, the message is true of it. */
    private static Mistakes mistakes(AnswerSpec answer, List<String> right, int count) {
        Mistakes mistakes = Mistakes.of(answer);
        for (String id : right) {
            mistakes.add(
                    right.stream().filter(r -> !r.equals(id)).collect(Collectors.joining(",")),
                    "missed-one",
                    "One more fits. Turn your head: a turned shape keeps its sides and angles.");
        }
        for (String id : IDS.subList(0, count)) {
            mistakes.addIf(
                    !right.contains(id),
                    Stream.concat(right.stream(), Stream.of(id)).sorted().collect(Collectors.joining(",")),
                    "looks",
                    "One of them only looks like it. Go by sides and angles.");
        }
        return mistakes;
    }
}
