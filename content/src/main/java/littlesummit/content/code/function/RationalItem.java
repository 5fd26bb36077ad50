package littlesummit.content.code.function;

import java.util.List;
import java.util.function.Predicate;
import java.util.function.Supplier;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Rational functions to take apart: which function, and which questions about it. */
final class RationalItem {
    private static final int MOST_TRIES = 1_000;
    private static final double FARTHEST = 40;

    private RationalItem() {}

    /** Places where zeros, poles and holes may stand, in a drawn order. */
    private static List<Integer> places(Draw draw) {
        return draw.shuffled(List.of(-5, -4, -3, -2, -1, 0, 1, 2, 3, 4, 5));
    }

    private static RationalShape draw(Supplier<RationalShape> shapes, Predicate<RationalShape> fits) {
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
    private static RationalShape simple(Draw draw) {
        List<Integer> p = places(draw);
        return RationalShape.of(factor(draw), List.of(p.get(0)), List.of(p.get(1)));
    }

    /** A number over one pole, with a hole half of the time. */
    private static RationalShape fadingShape(Draw draw) {
        List<Integer> p = places(draw);
        RationalShape shape = RationalShape.of(draw.between(-6, 6, n -> n != 0), List.of(), List.of(p.get(0)));
        return draw.coin() ? shape.withHole(p.get(1)) : shape;
    }

    private static RationalShape simpleWithHole(Draw draw) {
        return draw(() -> simple(draw).withHole(places(draw).getFirst()), RationalItem::isApart);
    }

    /** Whether the hole stands beside zeros and poles, and not on the y-axis. */
    private static boolean isApart(RationalShape s) {
        return !s.hasHole() || s.hole() != 0 && !s.borders().contains(s.hole());
    }

    static Item wholeWay(ItemRef ref, String frame, Draw draw) {
        RationalShape s = simpleWithHole(draw);
        return start(ref, frame, s)
                .part(RationalAlgebra.factored(s))
                .part(RationalAlgebra.domain(s))
                .part(RationalAlgebra.lowest(s))
                .part(RationalAlgebra.hole(s))
                .part(RationalAlgebra.zeros(s))
                .part(RationalBehaviour.crossings(s))
                .part(RationalAlgebra.start(s))
                .part(RationalBehaviour.poles(s))
                .part(RationalBehaviour.sides(s))
                .part(RationalFarOut.asymptote(s))
                .part(RationalFarOut.drawn(s))
                .part(RationalFarOut.meeting(s))
                .part(RationalBehaviour.window(s))
                .part(RationalGraph.part(s, draw))
                .build();
    }

    static Item keyFacts(ItemRef ref, String frame, Draw draw) {
        RationalShape s = simple(draw);
        return start(ref, frame, s)
                .part(RationalAlgebra.zeros(s))
                .part(RationalBehaviour.poles(s))
                .part(RationalFarOut.asymptote(s))
                .build();
    }

    static Item fading(ItemRef ref, String frame, Draw draw) {
        RationalShape s = draw(() -> fadingShape(draw), RationalItem::isApart);
        return start(ref, frame, s)
                .part(RationalAlgebra.domain(s))
                .part(s.hasHole() ? RationalAlgebra.hole(s) : RationalAlgebra.anyHole(s))
                .part(RationalAlgebra.zeros(s))
                .part(RationalAlgebra.start(s))
                .part(RationalBehaviour.poles(s))
                .part(RationalBehaviour.sides(s))
                .part(RationalFarOut.asymptote(s))
                .part(RationalGraph.part(s, draw))
                .build();
    }

    static Item graph(ItemRef ref, String frame, Draw draw) {
        RationalShape s = draw.coin() ? simple(draw) : simpleWithHole(draw);
        return start(ref, frame, s).part(RationalGraph.part(s, draw)).build();
    }

    /** A double zero or two zeros over two poles or a double one, with a hole half of the time. */
    private static RationalShape squareShape(Draw draw) {
        List<Integer> p = places(draw);
        int kind = draw.between(1, 4);
        List<Integer> zeros = kind == 4 ? List.of(p.get(0), p.get(1)) : List.of(p.get(0), p.get(0));
        List<Integer> poles = kind == 1 ? List.of(p.get(2), p.get(2)) : List.of(p.get(2), p.get(3));
        RationalShape shape = RationalShape.of(draw.oneOf(1, -1, 2, -2), zeros, poles);
        return draw.coin() ? shape.withHole(p.get(4)) : shape;
    }

    static Item squares(ItemRef ref, String frame, Draw draw) {
        RationalShape s = draw(() -> squareShape(draw), RationalItem::isApart);
        return upToThePoles(start(ref, frame, s), s)
                .part(RationalBehaviour.signs(s))
                .part(RationalFarOut.asymptote(s))
                .part(RationalFarOut.meeting(s))
                .part(RationalBehaviour.window(s))
                .part(RationalGraph.part(s, draw))
                .build();
    }

    /** Where it is defined, holes, zeros and poles, and how the graph runs there. */
    private static Items upToThePoles(Items item, RationalShape s) {
        item.part(RationalAlgebra.domain(s));
        if (s.hasHole()) {
            item.part(RationalAlgebra.lowest(s));
        }
        return item.part(s.hasHole() ? RationalAlgebra.hole(s) : RationalAlgebra.anyHole(s))
                .part(RationalAlgebra.zeros(s))
                .part(RationalBehaviour.crossings(s))
                .part(RationalBehaviour.poles(s))
                .part(RationalBehaviour.sides(s));
    }

    /** Over x² + k: one zero, two, or one twice. */
    private static RationalShape unbroken(Draw draw) {
        List<Integer> p = places(draw);
        List<Integer> zeros =
                switch (draw.between(1, 3)) {
                    case 1 -> List.of(p.get(0));
                    case 2 -> List.of(p.get(0), p.get(1));
                    default -> List.of(p.get(0), p.get(0));
                };
        return RationalShape.of(draw.oneOf(1, -1, 2, -2, 4), zeros, List.of()).over(draw.between(1, 9));
    }

    static Item noPole(ItemRef ref, String frame, Draw draw) {
        RationalShape s = draw(() -> unbroken(draw), any -> true);
        return start(ref, frame, s)
                .part(RationalAlgebra.domain(s))
                .part(RationalBehaviour.poles(s))
                .part(RationalAlgebra.zeros(s))
                .part(RationalBehaviour.crossings(s))
                .part(RationalAlgebra.start(s))
                .part(RationalBehaviour.signs(s))
                .part(RationalFarOut.asymptote(s))
                .part(RationalGraph.part(s, draw))
                .build();
    }

    /** More below than above, with a double pole or two. */
    private static RationalShape steep(Draw draw) {
        List<Integer> p = places(draw);
        List<Integer> zeros = draw.coin() ? List.of() : List.of(p.get(0));
        List<Integer> poles = draw.coin() ? List.of(p.get(1), p.get(1)) : List.of(p.get(1), p.get(2));
        return RationalShape.of(draw.oneOf(1, -1, 2, -2, 3, 4), zeros, poles);
    }

    static Item besidePoles(ItemRef ref, String frame, Draw draw) {
        RationalShape s = draw(() -> steep(draw), any -> true);
        return start(ref, frame, s)
                .part(RationalBehaviour.poles(s))
                .part(RationalFarOut.asymptote(s))
                .part(RationalBehaviour.sides(s))
                .part(RationalBehaviour.signs(s))
                .build();
    }

    static Item graphOfSquares(ItemRef ref, String frame, Draw draw) {
        RationalShape s = draw(() -> draw.coin() ? squareShape(draw) : steep(draw), RationalItem::isApart);
        return start(ref, frame, s).part(RationalGraph.part(s, draw)).build();
    }

    /** One degree more above: two over one, or three over two with one of them double. */
    private static RationalShape slanted(Draw draw) {
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

    static Item slant(ItemRef ref, String frame, Draw draw) {
        RationalShape s = draw(() -> slanted(draw), shape -> isApart(shape) && lineIsOnTheGrid(shape));
        return upToThePoles(start(ref, frame, s), s)
                .part(RationalFarOut.asymptote(s))
                .part(RationalFarOut.drawn(s))
                .part(RationalFarOut.meeting(s))
                .part(RationalBehaviour.window(s))
                .part(RationalGraph.part(s, draw))
                .build();
    }

    /** Two or three degrees more above: no line far out. */
    private static RationalShape lineless(Draw draw) {
        List<Integer> p = places(draw);
        List<Integer> zeros =
                draw.coin() ? List.of(p.get(0), p.get(0), p.get(1)) : List.of(p.get(0), p.get(0), p.get(1), p.get(1));
        return RationalShape.of(draw.oneOf(1, -1, 2, -2), zeros, List.of(p.get(2)));
    }

    static Item noLine(ItemRef ref, String frame, Draw draw) {
        RationalShape s = draw(() -> lineless(draw), any -> true);
        return start(ref, frame, s)
                .part(RationalAlgebra.zeros(s))
                .part(RationalBehaviour.crossings(s))
                .part(RationalBehaviour.poles(s))
                .part(RationalBehaviour.sides(s))
                .part(RationalFarOut.ends(s, draw))
                .part(RationalGraph.part(s, draw))
                .build();
    }

    static RationalShape slantedOrSquare(Draw draw) {
        return draw(() -> draw.coin() ? slanted(draw) : squareShape(draw), shape -> isApart(shape) && shape.hasHole());
    }

    /** With stem, worked steps and second explanation; the parts are to come. */
    static Items start(ItemRef ref, String frame, RationalShape s) {
        boolean asksForWindow = ref.variant().matches("(whole-way|squares|slant)-\\d+");
        String above = shown(s, s.above(s.holes()), s.top(), s.reducedTop());
        String below = shown(s, s.below(s.holes()), s.bottom(), s.reducedBottom());
        Items item = Items.of(ref)
                .text(frame)
                .formula("f(x) = \\frac{" + RationalShape.latex(above) + "}{" + RationalShape.latex(below) + "}");
        return RationalWorked.add(item, s, asksForWindow)
                .given("(" + above + ")/(" + below + ")")
                .second(
                        "Seen in the graph",
                        new Block.Text(
                                "Find each of these in the picture: where it breaks off, where it meets the axes,"
                                        + " and what it comes close to."),
                        new Block.Picture(RationalGraph.of(s)));
    }

    /**
     * Multiplied out up to the second degree. Above that, the shared factor stands apart, or all of them do: factoring
     * a cubic is not what this skill asks.
     */
    private static String shown(RationalShape s, String factored, Polynomial whole, Polynomial reduced) {
        if (whole.degree("x") <= 2) {
            return PolynomialText.plain(whole);
        }
        Rational front =
                reduced.coefficient("x", reduced.degree("x")).asRational().orElseThrow();
        return reduced.degree("x") <= 2 && s.hasHole()
                ? RationalShape.product(front.num().intValueExact(), s.holes()) + "("
                        + PolynomialText.plain(reduced.times(front.reciprocal())) + ")"
                : factored;
    }
}
