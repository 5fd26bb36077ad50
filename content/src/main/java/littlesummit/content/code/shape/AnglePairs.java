package littlesummit.content.code.shape;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** Vertical angles, angles on a line, complementary angles; on the third level two unknowns. */
public final class AnglePairs extends SkillDefinition {
    public AnglePairs() {
        super("angle-pairs", "Angles that belong together", List.of("crossing", "corner"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        boolean crossing = ref.variant().equals("crossing");
        return crossing ? crossing(ref, draw) : corner(ref, draw);
    }

    private Item crossing(ItemRef ref, Draw draw) {
        int a = draw.between(
                        ref.tier() == 1 ? 3 : 25,
                        ref.tier() == 1 ? 15 : 155,
                        n -> ref.tier() == 1 || n != 90 && n % 10 != 0)
                * (ref.tier() == 1 ? 10 : 1);
        int turn = draw.between(0, 5) * 10;
        boolean vertical = ref.tier() == 1 ? draw.coin() : true;
        boolean both = ref.tier() == 3;
        int adjacent = 180 - a;
        List<Figure.Arc> arcs = new ArrayList<>(List.of(new Figure.Arc(turn, turn + a, a + "°", false)));
        List<Field> fields = new ArrayList<>();
        if (both || ref.tier() == 2 || vertical) {
            arcs.add(new Figure.Arc(turn + 180, turn + 180 + a, "x", false));
            fields.add(field(
                    "x",
                    a,
                    adjacent,
                    "vertical-for-adjacent",
                    "Angle x lies opposite, not beside. Opposite angles are equal."));
        }
        if (both || ref.tier() == 2 || !vertical) {
            arcs.add(new Figure.Arc(turn + a, turn + 180, "y", false));
            fields.add(field(
                    "y",
                    adjacent,
                    a,
                    "adjacent-for-vertical",
                    "Angle y lies beside, not opposite. Together they make a straight line."));
        }
        String alt = "Two straight lines cross. One angle is " + a + " degrees."
                + (arcs.stream().anyMatch(arc -> arc.label().equals("x")) ? " Angle x lies opposite it." : "")
                + (arcs.stream().anyMatch(arc -> arc.label().equals("y")) ? " Angle y lies beside it." : "");
        Figure.Angles figure = new Figure.Angles(
                alt, List.of(new Figure.Ray(turn, "", true), new Figure.Ray(turn + a, "", true)), arcs);
        Items item = Items.of(ref)
                .text("Two cables of the cable way cross. One angle is " + a + "°. Find the marked "
                        + (fields.size() > 1 ? "angles." : "angle."))
                .picture(figure)
                .part(part(fields, a));
        if (fields.stream().anyMatch(f -> f.id().equals("x"))) {
            item.step("Angle x lies opposite the given one. Opposite angles are equal.", "x = " + a);
        }
        if (fields.stream().anyMatch(f -> f.id().equals("y"))) {
            item.step("Angle y and the given one make a straight line: 180 degrees.", "y = 180 - " + a)
                    .step("Work it out.", "y = " + adjacent);
        } else {
            item.step("Both make a straight line with the same angle between them: that is why they are equal.", "");
        }
        return item.second(
                        "Fold it",
                        new Block.Text("Turn the picture half a turn around the crossing: each angle lands on the one"
                                + " opposite. Two beside each other fill a straight line."))
                .build();
    }

    private Item corner(ItemRef ref, Draw draw) {
        int a = ref.tier() == 1
                ? 10 * draw.between(1, 8, n -> n * 10 != 40 && n * 10 != 50 && n != 9)
                : draw.between(12, 78, n -> n != 45);
        int rest = 90 - a;
        boolean both = ref.tier() == 3;
        List<Figure.Arc> arcs = new ArrayList<>(List.of(
                new Figure.Arc(0, 90, "", true),
                new Figure.Arc(0, a, a + "°", false),
                new Figure.Arc(a, 90, "x", false)));
        List<Figure.Ray> rays = new ArrayList<>(
                List.of(new Figure.Ray(0, "", both), new Figure.Ray(a, "", false), new Figure.Ray(90, "", false)));
        List<Field> fields = new ArrayList<>(List.of(field(
                "x", rest, 180 - a, "180-for-90", "These two make a right angle. How many degrees does it have?")));
        if (both) {
            arcs.add(new Figure.Arc(a, 180, "y", false));
            fields.add(field("y", 180 - a, 90, "right-angle", "Angle y and the given one make a straight line."));
        }
        Figure.Angles figure = new Figure.Angles(
                "A right angle is cut into two; one part has " + a + " degrees, the other is x."
                        + (both ? " Angle y goes on from the given one to the straight line." : ""),
                rays,
                arcs);
        Items item = Items.of(ref)
                .text("Two walls of the yard meet in a right angle. A rope runs out of the corner and cuts it in"
                        + " two. One part is " + a + "°. "
                        + (both
                                ? "Beyond the corner one wall goes straight on; angle y lies between the rope"
                                        + " and that wall. Find the marked angles."
                                : "Find the marked angle."))
                .picture(figure)
                .part(new Part(
                        fields.size() > 1 ? "How large are they?" : "How large is it?",
                        fields,
                        new Layout.Stacked(),
                        List.of(
                                "Which angle do the two parts make together?",
                                "A right angle has 90 degrees"
                                        + (both ? ", and a straight line 180: two right angles." : "."),
                                "Take " + a + " from the whole angle.")))
                .step("Both parts together are a right angle: 90 degrees.", "x = 90 - " + a)
                .step("Work it out.", "x = " + rest);
        if (both) {
            item.step("Angle y and the given one make a straight line: 180 degrees.", "y = 180 - " + a)
                    .step("Work it out.", "y = " + (180 - a));
        }
        return item.second(
                        "As a bar",
                        new Block.Text("The whole bar is the right angle."),
                        new Block.Picture(new Figure.Bar(
                                "A bar of 90 degrees: " + a + " and x.",
                                "90°",
                                List.of(
                                        new Figure.Piece(a, a + "°", true, ""),
                                        new Figure.Piece(rest, "x", false, "")))))
                .build();
    }

    private static Field field(String id, int right, int wrong, String slip, String message) {
        AnswerSpec answer =
                AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(right)).withSuffix("°");
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(wrong), slip, message)
                .add(
                        String.valueOf(360 - right),
                        "full-turn",
                        "That would go once round, 360 degrees. Both of these are smaller.");
        return Field.typed(id, "Angle " + id, "degrees, a whole number", answer, mistakes.list());
    }

    private static Part part(List<Field> fields, int a) {
        return new Part(
                fields.size() > 1 ? "How large are they?" : "How large is it?",
                fields,
                new Layout.Stacked(),
                List.of(
                        "Does the marked angle lie opposite the given one, or beside it?",
                        "Opposite angles are equal. Two beside each other make a straight line, and that has 180"
                                + " degrees.",
                        fields.getFirst().id().equals("x")
                                ? "Turn the picture half a turn: which angle lands where x was?"
                                : "Take " + a + " from 180."));
    }
}
