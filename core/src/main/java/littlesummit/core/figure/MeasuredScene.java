package littlesummit.core.figure;

import littlesummit.core.item.Figure;

/** An object over a strip with numbered marks; units that were laid lie between the two. */
final class MeasuredScene {
    private static final double UNIT = 34;
    /** Marks beyond the end of the object. */
    private static final int MORE = 3;

    private MeasuredScene() {}

    /** @param laid how many units lie along it */
    static Scene of(Figure.Measured object, int laid) {
        Drawing drawing = new Drawing();
        int marks = (int) Math.ceil(object.start() + object.length()) + MORE;
        drawing.box(
                object.start() * UNIT, 0, object.length() * UNIT, 24, new Stroke(Paint.OTHER, 2.4, false), Paint.SAND);
        drawing.text((object.start() + object.length() / 2) * UNIT, 17, object.object(), 16, Shape.Style.PLAIN);
        for (int i = 0; i < Math.ceil(object.length()) + MORE; i++) {
            drawing.spot(new Spot(
                    Spot.Kind.UNIT,
                    String.valueOf(i),
                    object.unit() + " " + (i + 1),
                    Drawing.corners((object.start() + i) * UNIT + 1, 32, UNIT - 2, 22),
                    i < laid));
        }
        drawing.line(0, 70, marks * UNIT, 70, Stroke.LINE);
        for (int i = 0; i <= marks; i++) {
            drawing.line(i * UNIT, 63, i * UNIT, 77, Stroke.THIN);
            drawing.text(i * UNIT, 96, String.valueOf(i), 16, Shape.Style.PLAIN);
        }
        return drawing.scene(object.alt());
    }
}
