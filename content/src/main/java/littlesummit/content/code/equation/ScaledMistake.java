package littlesummit.content.code.equation;

import java.util.List;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Linear;

/** (p/q)·x = b, solved by somebody with one mistake. */
final class ScaledMistake {
    private ScaledMistake() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int q = draw.between(3, 9);
        int p = draw.between(2, 9, n -> n != q && Rational.of(n, q).den().intValue() == q);
        int b = draw.between(2, 9, n -> n != p && n != q && (n * q) % p != 0);
        Rational x = Rational.of((long) b * q, p);
        String cleared = p + "x = " + b * q;
        WrongLine line =
                switch (draw.between(1, 4)) {
                    case 1 ->
                        line(
                                p,
                                q,
                                b,
                                x,
                                List.of(first(p, q, b), p + "x = " + (b + q), end(b + q, p)),
                                1,
                                "The bottom of the fraction divides. What undoes a division?");
                    case 2 ->
                        line(
                                p,
                                q,
                                b,
                                x,
                                List.of(first(p, q, b), cleared, "x = " + (b * q - p)),
                                2,
                                "The number in front multiplies. What undoes a multiplication?");
                    case 3 ->
                        line(
                                p,
                                q,
                                b,
                                x,
                                List.of(first(p, q, b), cleared, end(p, b * q)),
                                2,
                                "Which of the two numbers is divided by which?");
                    default ->
                        line(
                                p,
                                q,
                                b,
                                x,
                                List.of(first(p, q, b), p + "x = \\frac{" + b + "}{" + q + "}", end(b, q * p)),
                                1,
                                "The bottom of the fraction divides. What undoes a division?");
                };
        return WrongLine.tell(line.lines(), x) ? make(ref, frame, draw) : line.item(ref, frame, draw);
    }

    private static String first(int p, int q, int b) {
        return "\\frac{" + p + "x}{" + q + "} = " + b;
    }

    private static String end(int top, int bottom) {
        return "x = " + Linear.fractionLatex(Rational.of(top, bottom));
    }

    private static WrongLine line(int p, int q, int b, Rational x, List<String> lines, int wrong, String rule) {
        return new WrongLine(
                "\\frac{" + p + "}{" + q + "}x = " + b,
                "(" + p + "/" + q + ")*x=" + b,
                lines,
                wrong,
                rule,
                x,
                List.of(
                        "Multiply both sides by " + q + ".",
                        p + "x = " + b * q,
                        "Divide both sides by " + p + ".",
                        "x = " + Linear.fractionLatex(x)));
    }
}
