package littlesummit.content.code.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** All shapes with a property among many. */
public final class SelectShapes extends SkillDefinition {
    private static final List<String> IDS = List.of("a", "b", "c", "d", "e", "f", "g", "h");

    private record Property(String says, String rule, Predicate<Outline> holds, Predicate<Outline> lookalike) {}

    public SelectShapes() {
        super("select-shapes", "Finding shapes", List.of("signs", "windows"));
    }

    @Override
    public int version() {
        return 3;
    }

    private static Property property(int tier, Draw draw) {
        return switch (tier) {
            case 1 ->
                draw.oneOf(
                        new Property(
                                "four sides",
                                "Count the sides of each shape, one by one.",
                                o -> o.sides() == 4,
                                o -> o.sides() == 5),
                        new Property(
                                "three sides",
                                "Count the sides of each shape, one by one.",
                                o -> o.sides() == 3,
                                o -> o.sides() == 4));
            case 2 ->
                draw.oneOf(
                        new Property(
                                "at least one right angle",
                                "A right angle is a square corner; a small square marks it.",
                                Outline::rightAngle,
                                o -> o.sides() == 4 && !o.rightAngle()),
                        new Property(
                                "all sides equally long",
                                "Equal sides carry the same tick marks.",
                                Outline::allSidesEqual,
                                o -> o.sides() == 4 && !o.allSidesEqual()));
            default ->
                draw.oneOf(
                        new Property(
                                "four sides and at least one right angle",
                                "Both must hold: count the sides, then look for a square corner.",
                                o -> o.sides() == 4 && o.rightAngle(),
                                o -> o.sides() == 4 && !o.rightAngle()),
                        new Property(
                                "at least one pair of parallel sides but no right angle",
                                "Both must hold: two sides that would never meet, however far they are made longer,"
                                        + " and no square corner.",
                                o -> o.parallel() && !o.rightAngle(),
                                o -> o.parallel() && o.rightAngle()));
        };
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        Property property = property(ref.tier(), draw);
        int count = Grounds.of(ref.tier(), 6, 7, 8);
        List<Outline> shapes = Outline.draw(count, draw);
        while (shapes.stream().filter(property.holds()).count() < 2
                || shapes.stream().allMatch(property.holds())) {
            shapes = Outline.draw(count, draw);
        }
        List<Figure.Polygon> polygons = new ArrayList<>();
        List<String> right = new ArrayList<>();
        List<String> lookalikes = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            polygons.add(shapes.get(i).turned(draw.between(0, 7) * 15, IDS.get(i), ref.tier() > 1));
            if (property.holds().test(shapes.get(i))) {
                right.add(IDS.get(i));
            } else if (property.lookalike().test(shapes.get(i))) {
                lookalikes.add(IDS.get(i));
            }
        }
        Figure.Shapes figure =
                new Figure.Shapes(count + " shapes, lettered a to " + IDS.get(count - 1) + ".", polygons);
        AnswerSpec answer = AnswerSpec.choice(String.join(",", right), IDS.subList(0, count));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.join(",", right.subList(1, right.size())),
                        "missed-one",
                        "One more has it. Turn your head: a turned shape keeps its sides and angles.")
                .addIf(
                        !lookalikes.isEmpty(),
                        String.join(",", with(right, lookalikes)),
                        "looks",
                        "One of them only looks like it. Go by sides and angles.");
        Field field = new Field(
                "shapes",
                "Shapes with " + property.says(),
                "",
                new Response.SelectShapes(figure),
                answer,
                List.of(mistakes.list()));
        String what = ref.variant().equals("signs")
                ? "The trail signs of the valley come in many shapes."
                : "The windows of the village school come in many shapes.";
        return Items.of(ref)
                .text(what + " Choose all with " + property.says() + ".")
                .part(Part.of(
                        "Choose every shape that fits.",
                        field,
                        "Go through them one by one, in the order of their letters.",
                        property.rule(),
                        "Shape "
                                + IDS.stream()
                                        .limit(count)
                                        .filter(id -> !right.contains(id))
                                        .findFirst()
                                        .orElseThrow()
                                + " is none of them. What does it lack?"))
                .step(property.rule(), "")
                .step("These fit: " + String.join(", ", right) + ".", "")
                .build();
    }

    private static List<String> with(List<String> right, List<String> lookalikes) {
        List<String> all = new ArrayList<>(right);
        all.addAll(lookalikes.subList(0, Math.min(1, lookalikes.size())));
        return all;
    }
}
