package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** One shape, turned anyhow, and the statement that is true of it. */
final class ShapeStatement {
    private ShapeStatement() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Outline shape = Outline.draw(1, draw).getFirst();
        Figure.Polygon polygon = shape.turned(draw.between(0, 11) * 15, "a", true);
        int sides = shape.sides();
        boolean right = shape.rightAngle();
        int other = sides > 3 ? sides - 1 : sides + 1;
        Choices choices = Choices.right(says(sides, right))
                .wrong(
                        says(sides, !right),
                        "right-angle",
                        "The number of sides is correct. A right angle carries a small square, however the shape is"
                                + " turned.")
                .wrong(says(other, right), "sides", "Count the sides: go around once, and mark where you began.")
                .wrong(
                        says(sides + (sides > 3 ? 1 : 2), right),
                        "sides",
                        "Count the sides: go around once, and mark where you began.");
        return Items.of(ref)
                .text(frame)
                .picture(new Figure.Shapes("One shape: " + polygon.alt() + ".", List.of(polygon)))
                .part(Part.of(
                        "What is true of it?",
                        choices.shuffled("answer", "True of it", draw),
                        "How it is turned does not matter.",
                        "Sides are counted by going around once. A right angle is a square corner; a small square marks"
                                + " it.",
                        "Put a finger on one corner and go along side after side until you are back."))
                .step("Go around once and count: " + sides + " sides.", "")
                .step(right ? "A small square marks a right angle." : "No corner is marked as a right angle.", "")
                .build();
    }

    private static String says(int sides, boolean right) {
        return "It has " + sides + " sides and " + (right ? "at least one right angle." : "no right angle.");
    }
}
