package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.content.code.HowOften;
import littlesummit.content.code.HowOften.Times;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;

/** Statements about segments, rays and lines; some are commonly believed (from memory, without a source). */
final class StrokeClaims {
    private StrokeClaims() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        List<String> l = Stroke.letters(draw, 3);
        String a = l.get(0);
        String b = l.get(1);
        String c = l.get(2);
        HowOften claim = draw.oneOf(
                new HowOften(
                        "Segment " + a + b + " and segment " + b + a + " are the same.",
                        Times.ALWAYS,
                        "Draw " + a + " and " + b + " and the segment between them. Then read its name from the other"
                                + " end.",
                        "The name may begin at either end. What is drawn is the same."),
                new HowOften(
                        "Line " + a + b + " and line " + b + a + " are the same.",
                        Times.ALWAYS,
                        "Draw a line through " + a + " and " + b + ". What changes when its name is read backwards?",
                        "Through two points there is one line, and it has no first point."),
                new HowOften(
                        "Ray " + a + b + " and ray " + b + a + " are the same.",
                        Times.NEVER,
                        "Draw both, one below the other. Where does each of them begin?",
                        "They begin at different points and go to different sides."),
                new HowOften(
                        "The line through " + a + " and " + b + " goes through " + c + ", too.",
                        Times.SOMETIMES,
                        "Draw " + a + " and " + b + ". Where on the sheet may " + c + " lie?",
                        "It does when the three points lie in a row, and else it does not."),
                new HowOften(
                        "Ray " + a + b + " and ray " + a + c + " make a line together.",
                        Times.SOMETIMES,
                        "Both begin at " + a + ". Draw " + b + " and " + c + " on the same side, and then on opposite"
                                + " sides.",
                        "They do when they go to opposite sides. Else they make an angle, or are the same ray."),
                new HowOften(
                        "A line is longer than a segment that lies on it.",
                        Times.ALWAYS,
                        "Draw a long segment and a line that you draw only for a short bit. What do the arrows say?",
                        "A line goes on without end, however short it is drawn; a segment has two ends."),
                new HowOften(
                        "If two rays are drawn, the one that is drawn longer is longer.",
                        Times.NEVER,
                        "Draw two rays, one for a short bit and one across the whole sheet. Where do they end?",
                        "A ray goes on without end. How far it is drawn does not matter."),
                new HowOften(
                        "Point " + c + " of segment " + a + b + " lies on ray " + a + b + ", too.",
                        Times.ALWAYS,
                        "Draw segment " + a + b + " and mark a point " + c + " on it. Then go on behind " + b + ".",
                        "The ray begins at " + a + " and runs through the whole segment first."),
                new HowOften(
                        "Point " + c + " of ray " + a + b + " lies on segment " + a + b + ", too.",
                        Times.SOMETIMES,
                        "Draw ray " + a + b + ". Where on it may " + c + " lie?",
                        "It does when it lies between the two points. Behind " + b + " the segment has stopped."));
        return claim.item(ref, frame.formatted(Words.name(draw), claim.says()));
    }
}
