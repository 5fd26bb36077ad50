package littlesummit.content.code.function;

import java.util.List;
import java.util.function.Predicate;
import java.util.function.Supplier;
import littlesummit.core.skill.Draw;

/** Rational functions drawn at random, by what is special about them. */
final class RationalShapes {
    private static final int MOST_TRIES = 1_000;
    private static final double FARTHEST = 40;

    private RationalShapes() {}

    /** Places where zeros, poles and holes may stand, in a drawn order. */
    private static List<Integer> places(Draw draw) {
        return draw.shuffled(List.of(-5, -4, -3, -2, -1, 0, 1, 2, 3, 4, 5));
    }

    private static RationalShape fitting(Supplier<RationalShape> shapes, Predicate<RationalShape> fits) {
        for (int i = 0; i < MOST_TRIES; i++) {
            RationalShape shape = shapes.get();
            if (fits.test(shape) && shape.reach() < FARTHEST && shape.meetsAtMostOnce()) {
                return shape;
            }
        }
        throw new IllegalStateException("no function fits");
    }

    private static int factor(Draw draw) {
        return draw.oneOf(1, 2, -1, -2, 3);
    }

    /** One zero over one pole. */
    static RationalShape simple(Draw draw) {
        List<Integer> p = places(draw);
        return RationalShape.of(factor(draw), List.of(p.get(0)), List.of(p.get(1)));
    }

    /** A number over one pole, with a hole half of the time. */
    private static RationalShape anyFading(Draw draw) {
        List<Integer> p = places(draw);
        RationalShape shape = RationalShape.of(draw.between(-6, 6, n -> n != 0), List.of(), List.of(p.get(0)));
        return draw.coin() ? shape.withHole(p.get(1)) : shape;
    }

    /** The same with a hole. */
    static RationalShape simpleWithHole(Draw draw) {
        return fitting(() -> simple(draw).withHole(places(draw).getFirst()), RationalShapes::isApart);
    }

    /** Whether the hole stands beside zeros and poles, and not on the y-axis. */
    private static boolean isApart(RationalShape s) {
        return !s.hasHole() || s.hole() != 0 && !s.borders().contains(s.hole());
    }

    /** A double zero or two zeros over two poles or a double one, with a hole half of the time. */
    private static RationalShape anySquare(Draw draw) {
        List<Integer> p = places(draw);
        int kind = draw.between(1, 4);
        List<Integer> zeros = kind == 4 ? List.of(p.get(0), p.get(1)) : List.of(p.get(0), p.get(0));
        List<Integer> poles = kind == 1 ? List.of(p.get(2), p.get(2)) : List.of(p.get(2), p.get(3));
        RationalShape shape = RationalShape.of(draw.oneOf(1, -1, 2, -2), zeros, poles);
        return draw.coin() ? shape.withHole(p.get(4)) : shape;
    }

    /** Over x² + k: one zero, two, or one twice. */
    private static RationalShape anyUnbroken(Draw draw) {
        List<Integer> p = places(draw);
        List<Integer> zeros =
                switch (draw.between(1, 3)) {
                    case 1 -> List.of(p.get(0));
                    case 2 -> List.of(p.get(0), p.get(1));
                    default -> List.of(p.get(0), p.get(0));
                };
        return RationalShape.of(draw.oneOf(1, -1, 2, -2, 4), zeros, List.of()).over(draw.between(1, 9));
    }

    /** More below than above, with a double pole or two. */
    private static RationalShape anySteep(Draw draw) {
        List<Integer> p = places(draw);
        List<Integer> zeros = draw.coin() ? List.of() : List.of(p.get(0));
        List<Integer> poles = draw.coin() ? List.of(p.get(1), p.get(1)) : List.of(p.get(1), p.get(2));
        return RationalShape.of(draw.oneOf(1, -1, 2, -2, 3, 4), zeros, poles);
    }

    /** One degree more above: two over one, or three over two with one of them double. */
    private static RationalShape anySlanted(Draw draw) {
        List<Integer> p = places(draw);
        int factor = draw.oneOf(1, -1, 2);
        RationalShape shape = draw.coin()
                ? RationalShape.of(factor, List.of(p.get(0), draw.coin() ? p.get(0) : p.get(1)), List.of(p.get(2)))
                : RationalShape.of(factor, List.of(p.get(0), p.get(0), p.get(1)), List.of(p.get(2), p.get(3)));
        return draw.coin() ? shape.withHole(p.get(4)) : shape;
    }

    private static boolean lineIsOnTheGrid(RationalShape s) {
        return Math.abs(s.quotient()
                        .coefficient("x", 0)
                        .asRational()
                        .orElseThrow()
                        .num()
                        .intValueExact())
                <= 10;
    }

    /** Two or three degrees more above: no line far out. */
    private static RationalShape anyLineless(Draw draw) {
        List<Integer> p = places(draw);
        List<Integer> zeros =
                draw.coin() ? List.of(p.get(0), p.get(0), p.get(1)) : List.of(p.get(0), p.get(0), p.get(1), p.get(1));
        return RationalShape.of(draw.oneOf(1, -1, 2, -2), zeros, List.of(p.get(2)));
    }

    static RationalShape fading(Draw draw) {
        return fitting(() -> anyFading(draw), RationalShapes::isApart);
    }

    static RationalShape square(Draw draw) {
        return fitting(() -> anySquare(draw), RationalShapes::isApart);
    }

    static RationalShape squareOrSteep(Draw draw) {
        return fitting(() -> draw.coin() ? anySquare(draw) : anySteep(draw), RationalShapes::isApart);
    }

    static RationalShape unbroken(Draw draw) {
        return fitting(() -> anyUnbroken(draw), any -> true);
    }

    static RationalShape steep(Draw draw) {
        return fitting(() -> anySteep(draw), any -> true);
    }

    static RationalShape slanted(Draw draw) {
        return fitting(() -> anySlanted(draw), shape -> isApart(shape) && lineIsOnTheGrid(shape));
    }

    static RationalShape lineless(Draw draw) {
        return fitting(() -> anyLineless(draw), any -> true);
    }

    static RationalShape slantedOrSquareWithHole(Draw draw) {
        return fitting(
                () -> draw.coin() ? anySlanted(draw) : anySquare(draw), shape -> isApart(shape) && shape.hasHole());
    }
}
