package littlesummit.content.code.fraction;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import littlesummit.core.item.Figure;

/** Pictures of wholes that are cut into parts. */
final class Parts {
    private Parts() {}

    static Figure.FractionPicture picture(Figure.Shape shape, int wholes, List<Double> cuts, int shaded) {
        boolean equal = cuts.stream().distinct().count() == 1;
        String what = (shape == Figure.Shape.BAR ? wholes == 1 ? "bar" : "bars" : wholes == 1 ? "circle" : "circles");
        String alt = (wholes == 1 ? "A " + what : wholes + " " + what) + " cut into " + cuts.size()
                + (equal ? " equal parts" : " parts of different size") + (wholes == 1 ? "" : " each") + ", "
                + (shaded == 0 ? "none" : String.valueOf(shaded)) + " shaded.";
        return new Figure.FractionPicture(alt, shape, wholes, cuts, shaded);
    }

    static List<Double> equal(int parts) {
        return Collections.nCopies(parts, 1.0);
    }

    /** One part twice as wide as the others. */
    static List<Double> uneven(int parts) {
        List<Double> cuts = new ArrayList<>(equal(parts));
        cuts.set(0, 2.2);
        cuts.set(parts - 1, 0.6);
        return cuts;
    }

    /** What a picture stands for in a sentence. */
    static String thing(Figure.Shape shape, int wholes) {
        String one = shape == Figure.Shape.BAR ? "cheese board" : "cheese";
        return wholes == 1 ? one : one + "s";
    }

    static String tex(int num, int den) {
        return "$\\frac{" + num + "}{" + den + "}$";
    }
}
