package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.content.code.HowOften;
import littlesummit.content.code.HowOften.Times;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;

/** Statements about congruent segments; some are commonly believed (from memory, without a source). */
final class SegmentClaims {
    private SegmentClaims() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        List<String> l = Stroke.letters(draw, 6);
        String first = l.get(0) + l.get(1);
        String second = l.get(2) + l.get(3);
        String third = l.get(4) + l.get(5);
        String touching = l.get(1) + l.get(2);
        HowOften claim = draw.oneOf(
                new HowOften(
                        "If " + first + " is congruent to " + second + " and " + second + " is congruent to " + third
                                + ", then " + first + " is congruent to " + third + ".",
                        Times.ALWAYS,
                        "Choose a length for the first segment. How long are the other two then?",
                        "All three have the length of the one in the middle."),
                new HowOften(
                        "If " + first + " is congruent to " + second + ", they lie at the same place.",
                        Times.SOMETIMES,
                        "Draw two sticks of the same length. Where may they lie?",
                        "Congruent speaks of the length only. They may lie on each other or far apart."),
                new HowOften(
                        "If " + first + " is congruent to " + second + ", they are parallel.",
                        Times.SOMETIMES,
                        "Draw two sticks of the same length and turn one of them.",
                        "Congruent speaks of the length only, and not of the direction."),
                new HowOften(
                        "If " + first + " and " + touching + " are congruent, " + l.get(1) + " is the midpoint of "
                                + l.get(0) + l.get(2) + ".",
                        Times.SOMETIMES,
                        "Both have the end " + l.get(1) + ". Draw them once in a row and once with a bend.",
                        "It is when the three points lie in a row. With a bend it is not on the segment at all."),
                new HowOften(
                        "A segment of 2 metres is congruent to one of 200 centimetres.",
                        Times.ALWAYS,
                        "How many centimetres is one metre?",
                        "It is the same length, said in another unit."),
                new HowOften(
                        "A segment is congruent to a part of itself that is shorter.",
                        Times.NEVER,
                        "Draw a segment and mark a shorter part of it. Compare the two lengths.",
                        "Congruent segments are equally long, and the part is shorter."),
                new HowOften(
                        "If " + l.get(1) + " is the midpoint of " + l.get(0) + l.get(2) + ", then " + first + " and "
                                + touching + " are congruent.",
                        Times.ALWAYS,
                        "Draw the segment and its midpoint. Which two parts does it make?",
                        "A midpoint makes two parts of the same length."),
                new HowOften(
                        "If " + first + " is longer than " + second + ", it is congruent to " + second + ".",
                        Times.NEVER,
                        "Choose two lengths, one longer than the other. What would congruent mean?",
                        "Congruent segments are equally long: none of them is longer."));
        return claim.item(ref, frame.formatted(Words.name(draw), claim.says()));
    }
}
