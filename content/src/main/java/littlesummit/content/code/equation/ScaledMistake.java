package littlesummit.content.code.equation;

import java.util.List;
import littlesummit.content.code.Divisors;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Linear;

/** (p/q)·x = b, solved by somebody with one mistake. */
final class ScaledMistake {
    private ScaledMistake() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int wrong = draw.between(0, 2);
        WrongLine line = drawn(wrong, draw);
        while (WrongLine.tell(line.lines(), line.x())) {
            line = drawn(wrong, draw);
        }
        return line.item(ref, frame, draw);
    }

    /** Unless it is the line in between, top and bottom of the solution stand in the lines: it has to be cancelled. */
    private static WrongLine drawn(int wrong, Draw draw) {
        int p = wrong == 1 ? draw.between(2, 9) : draw.oneOf(4, 6, 8, 9);
        int q = draw.between(3, 9, n -> Divisors.gcd(n, p) == 1);
        int b = draw.between(2, 9, n -> n != p && n != q && n % p != 0 && (wrong == 1 || Divisors.gcd(n, p) > 1));
        return switch (wrong) {
            case 0 -> atTheTop(p, q, b);
            case 1 -> inBetween(p, q, b, draw);
            default -> atTheEnd(p, q, b, draw);
        };
    }

    private static WrongLine atTheTop(int p, int q, int b) {
        String taken = " - \\frac{" + p + "}{" + q + "}";
        return line(
                p,
                q,
                b,
                List.of("x = " + b + taken, "x = \\frac{" + b * q + "}{" + q + "}" + taken, end(b * q - p, q)),
                0,
                "The fraction in front multiplies. What undoes a multiplication?");
    }

    private static WrongLine inBetween(int p, int q, int b, Draw draw) {
        List<String> lines = draw.coin()
                ? List.of(first(p, q, b), p + "x = " + (b + q), end(b + q, p))
                : List.of(first(p, q, b), p + "x = \\frac{" + b + "}{" + q + "}", end(b, q * p));
        return line(p, q, b, lines, 1, "The bottom of the fraction divides. What undoes a division?");
    }

    private static WrongLine atTheEnd(int p, int q, int b, Draw draw) {
        int end = draw.coin() ? b * q - p : b * q * p;
        return line(
                p,
                q,
                b,
                List.of(first(p, q, b), p + "x = " + b * q, "x = " + end),
                2,
                "The number in front multiplies. What undoes a multiplication?");
    }

    private static String first(int p, int q, int b) {
        return "\\frac{" + p + "x}{" + q + "} = " + b;
    }

    private static String end(int top, int bottom) {
        return "x = " + Linear.fractionLatex(Rational.of(top, bottom));
    }

    private static WrongLine line(int p, int q, int b, List<String> lines, int wrong, String rule) {
        Rational x = Rational.of((long) b * q, p);
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
