package littlesummit.content.code.shape;

import littlesummit.content.code.HowOften;
import littlesummit.content.code.HowOften.Times;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;

/**
 * What holds for whole kinds of shapes. That a square is no rectangle is a belief of many students (P. van Hiele,
 * Structure and Insight, 1986, from memory).
 */
final class ShapeClaims {
    private static final HowOften[] ALL = {
        new HowOften(
                "A square is a rectangle.",
                Times.ALWAYS,
                "Draw a square. Does it have four sides and four right angles?",
                "Four sides and four right angles make a rectangle. A square has them, and equal sides as well."),
        new HowOften(
                "A rectangle is a square.",
                Times.SOMETIMES,
                "Draw a long rectangle, and one whose sides are all equally long.",
                "It is one when its sides are all equally long."),
        new HowOften(
                "A square is a rhombus.",
                Times.ALWAYS,
                "Draw a square. Are its four sides equally long?",
                "Four sides of equal length make a rhombus. A square has them, and right angles as well."),
        new HowOften(
                "A rhombus is a square.",
                Times.SOMETIMES,
                "Draw a rhombus that leans to the side, and one that stands upright.",
                "It is one when its corners are right angles."),
        new HowOften(
                "A triangle has two right angles.",
                Times.NEVER,
                "Draw one side and a right angle at each of its ends. Do the other two sides meet?",
                "Two sides that stand at right angles on the third are parallel: they do not meet."),
        new HowOften(
                "A triangle has a right angle.",
                Times.SOMETIMES,
                "Draw a triangle with three equal sides, and half of a rectangle.",
                "Some have one, and others have none."),
        new HowOften(
                "A parallelogram has a right angle.",
                Times.SOMETIMES,
                "Draw a parallelogram that leans, and one that stands upright.",
                "One that stands upright has four of them: it is a rectangle."),
        new HowOften(
                "A rectangle has two pairs of parallel sides.",
                Times.ALWAYS,
                "Draw a rectangle and make its sides longer, as far as your sheet reaches.",
                "Opposite sides stand at right angles on the same side, and so they are parallel."),
        new HowOften(
                "A triangle has two parallel sides.",
                Times.NEVER,
                "Draw a triangle. Where do any two of its sides meet?",
                "Any two sides of a triangle meet in a corner, so they are not parallel."),
        new HowOften(
                "A shape with four equal sides has four equal angles.",
                Times.SOMETIMES,
                "Put four sticks of the same length together and push at one corner.",
                "Pushed over it is a rhombus: its sides stay equal, its angles do not.")
    };

    private ShapeClaims() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        HowOften claim = draw.oneOf(ALL);
        return claim.item(ref, frame.formatted(Words.name(draw), claim.says()));
    }
}
