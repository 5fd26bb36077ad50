package littlesummit.core.math;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Trees from a seed, for laws. */
public final class RandomTrees {
    private static final List<Fn> ONE_ARGUMENT =
            List.of(Fn.SIN, Fn.COS, Fn.TAN, Fn.ARCSIN, Fn.SINH, Fn.LN, Fn.LOG, Fn.FACTORIAL);
    private final Random random;
    private final List<String> letters;

    public RandomTrees(long seed, String... letters) {
        this.random = new Random(seed);
        this.letters = List.of(letters);
    }

    /** A polynomial expression: sums, products, small powers. */
    public Expr polynomial(int depth) {
        return switch (depth == 0 ? random.nextInt(2) : random.nextInt(6)) {
            case 0 -> Expr.Num.of(random.nextInt(9) + 1L);
            case 1 -> new Expr.Letter(letters.get(random.nextInt(letters.size())));
            case 2 -> new Expr.Sum(list(depth));
            case 3 -> new Expr.Product(list(depth));
            case 4 -> new Expr.Neg(polynomial(depth - 1));
            default -> new Expr.Power(polynomial(depth - 1), Expr.Num.of(random.nextInt(3) + 1L));
        };
    }

    private List<Expr> list(int depth) {
        List<Expr> parts = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(2); i++) {
            parts.add(polynomial(depth - 1));
        }
        return parts;
    }

    /** Any tree that the grammar can write. */
    public Expr any(int depth) {
        return switch (depth == 0 ? random.nextInt(4) : random.nextInt(15)) {
            case 0 -> Expr.Num.of(random.nextInt(200));
            case 1 -> new Expr.Letter(letters.get(random.nextInt(letters.size())));
            case 2 -> new Expr.Num(BigInteger.valueOf(random.nextInt(10_000)), 1 + random.nextInt(3));
            case 3 ->
                new Expr.Mixed(
                        BigInteger.valueOf(1 + random.nextInt(9)),
                        BigInteger.valueOf(1 + random.nextInt(9)),
                        BigInteger.TEN);
            case 4 -> new Expr.Neg(any(depth - 1));
            case 5 -> new Expr.Sum(List.of(any(depth - 1), any(depth - 1)));
            case 6 -> new Expr.Product(List.of(any(depth - 1), any(depth - 1), any(depth - 1)));
            case 7 -> new Expr.Quotient(any(depth - 1), any(depth - 1));
            case 8 -> new Expr.Power(any(depth - 1), any(depth - 1));
            case 9 -> new Expr.Root(2 + random.nextInt(3), any(depth - 1));
            case 10 -> new Expr.Abs(any(depth - 1));
            case 11 -> new Expr.Euler();
            case 12 -> new Expr.Call(ONE_ARGUMENT.get(random.nextInt(ONE_ARGUMENT.size())), List.of(any(depth - 1)));
            case 13 -> new Expr.Call(Fn.LOG, List.of(any(depth - 1), any(depth - 1)));
            default -> new Expr.Pi();
        };
    }
}
