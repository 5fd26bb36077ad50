package littlesummit.content.code.function;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Rational functions to take apart: which questions are asked about which functions. */
final class RationalItem {
    /** A question about a function. */
    private interface Question extends Function<RationalShape, Part> {}

    /** From where it is defined to both sides of its poles. */
    private static final List<Question> NEARBY = List.of(
            RationalAlgebra::zeros, RationalBehaviour::crossings, RationalBehaviour::poles, RationalBehaviour::sides);

    private RationalItem() {}

    private static Item asked(ItemRef ref, String frame, RationalShape s, List<Question> questions) {
        Items item = start(ref, frame, s);
        questions.forEach(question -> item.part(question.apply(s)));
        return item.build();
    }

    private static Question graph(Draw draw) {
        return s -> RationalGraph.part(s, draw);
    }

    private static Question hole(RationalShape s) {
        return s.hasHole() ? RationalAlgebra::hole : RationalAlgebra::anyHole;
    }

    /** Where it is defined, holes, zeros and poles, how the graph runs there, and then the rest. */
    private static List<Question> upToThePoles(RationalShape s, Question... rest) {
        Stream<Question> first = s.hasHole()
                ? Stream.of(RationalAlgebra::domain, RationalAlgebra::lowest, hole(s))
                : Stream.of(RationalAlgebra::domain, hole(s));
        return Stream.of(first, NEARBY.stream(), Stream.of(rest))
                .flatMap(questions -> questions)
                .toList();
    }

    static Item wholeWay(ItemRef ref, String frame, Draw draw) {
        return asked(
                ref,
                frame,
                RationalShapes.simpleWithHole(draw),
                List.of(
                        RationalAlgebra::factored,
                        RationalAlgebra::domain,
                        RationalAlgebra::lowest,
                        RationalAlgebra::hole,
                        RationalAlgebra::zeros,
                        RationalBehaviour::crossings,
                        RationalAlgebra::start,
                        RationalBehaviour::poles,
                        RationalBehaviour::sides,
                        RationalFarOut::asymptote,
                        RationalFarOut::drawn,
                        RationalFarOut::meeting,
                        RationalBehaviour::window,
                        graph(draw)));
    }

    static Item keyFacts(ItemRef ref, String frame, Draw draw) {
        return asked(
                ref,
                frame,
                RationalShapes.simple(draw),
                List.of(RationalAlgebra::zeros, RationalBehaviour::poles, RationalFarOut::asymptote));
    }

    static Item fading(ItemRef ref, String frame, Draw draw) {
        RationalShape s = RationalShapes.fading(draw);
        return asked(
                ref,
                frame,
                s,
                List.of(
                        RationalAlgebra::domain,
                        hole(s),
                        RationalAlgebra::zeros,
                        RationalAlgebra::start,
                        RationalBehaviour::poles,
                        RationalBehaviour::sides,
                        RationalFarOut::asymptote,
                        graph(draw)));
    }

    static Item whichGraph(ItemRef ref, String frame, Draw draw) {
        RationalShape s = draw.coin() ? RationalShapes.simple(draw) : RationalShapes.simpleWithHole(draw);
        return asked(ref, frame, s, List.of(graph(draw)));
    }

    static Item squares(ItemRef ref, String frame, Draw draw) {
        RationalShape s = RationalShapes.square(draw);
        return asked(
                ref,
                frame,
                s,
                upToThePoles(
                        s,
                        RationalBehaviour::signs,
                        RationalFarOut::asymptote,
                        RationalFarOut::meeting,
                        RationalBehaviour::window,
                        graph(draw)));
    }

    static Item noPole(ItemRef ref, String frame, Draw draw) {
        return asked(
                ref,
                frame,
                RationalShapes.unbroken(draw),
                List.of(
                        RationalAlgebra::domain,
                        RationalBehaviour::poles,
                        RationalAlgebra::zeros,
                        RationalBehaviour::crossings,
                        RationalAlgebra::start,
                        RationalBehaviour::signs,
                        RationalFarOut::asymptote,
                        graph(draw)));
    }

    static Item besidePoles(ItemRef ref, String frame, Draw draw) {
        return asked(
                ref,
                frame,
                RationalShapes.steep(draw),
                List.of(
                        RationalBehaviour::poles,
                        RationalFarOut::asymptote,
                        RationalBehaviour::sides,
                        RationalBehaviour::signs));
    }

    static Item graphOfSquares(ItemRef ref, String frame, Draw draw) {
        return asked(ref, frame, RationalShapes.squareOrSteep(draw), List.of(graph(draw)));
    }

    static Item slant(ItemRef ref, String frame, Draw draw) {
        RationalShape s = RationalShapes.slanted(draw);
        return asked(
                ref,
                frame,
                s,
                upToThePoles(
                        s,
                        RationalFarOut::asymptote,
                        RationalFarOut::drawn,
                        RationalFarOut::meeting,
                        RationalBehaviour::window,
                        graph(draw)));
    }

    static Item noLine(ItemRef ref, String frame, Draw draw) {
        List<Question> far = List.of(s -> RationalFarOut.ends(s, draw), graph(draw));
        return asked(
                ref,
                frame,
                RationalShapes.lineless(draw),
                Stream.of(NEARBY, far).flatMap(List::stream).toList());
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
        String rest = PolynomialText.plain(reduced.times(front.reciprocal()));
        boolean hasTerms = rest.contains(" ");
        return reduced.degree("x") <= 2 && s.hasHole() && hasTerms
                ? RationalShape.product(front.num().intValueExact(), s.holes()) + "(" + rest + ")"
                : factored;
    }
}
