package littlesummit.core.math;

import java.math.BigInteger;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Statement.Relation;
import littlesummit.core.math.Token.Kind;

/**
 * Reads sums and products with bounds, {@code \sum_{k=1}^{4} k^2}, and writes them out term by term; their bounds are
 * whole numbers. What stands behind reaches as far as a product does.
 */
final class BoundedParser {
    private static final int MOST_TERMS = 200;
    /** Of all trees that one entry is written out to; sums in sums multiply. */
    private static final long MOST_NODES = 20_000;

    private final Cursor cursor;
    private final ExprParser exprs;
    private final Deque<String> counting = new ArrayDeque<>();

    BoundedParser(Cursor cursor, ExprParser exprs) {
        this.cursor = cursor;
        this.exprs = exprs;
    }

    /** Whether a letter counts the terms of a sum that is being read. */
    boolean counts(String letter) {
        return counting.contains(letter);
    }

    Expr written() {
        Token sign = cursor.take();
        expect(Kind.BASE);
        expect(Kind.OPEN);
        String letter = cursor.at(Kind.LETTER) ? cursor.take().text() : stop(sign);
        if (!cursor.takeIf(Kind.RELATION, Relation.EQUAL.sign())) {
            stop(sign);
        }
        long from = bound(sign);
        expect(Kind.CLOSE);
        expect(Kind.CARET);
        expect(Kind.OPEN);
        long to = bound(sign);
        expect(Kind.CLOSE);
        if (to - from >= MOST_TERMS) {
            throw new Cursor.Stop(Problem.TOO_LARGE, sign.at());
        }
        counting.push(letter);
        cursor.enter();
        Expr term = exprs.product();
        cursor.leave();
        counting.pop();
        if (nodes(term) * Math.max(0, to - from + 1) > MOST_NODES) {
            throw new Cursor.Stop(Problem.TOO_LARGE, sign.at());
        }
        return writtenOut(sign.text().equals("+"), letter, from, to, term);
    }

    private static long nodes(Expr expr) {
        return 1 + expr.children().stream().mapToLong(BoundedParser::nodes).sum();
    }

    /** Between bounds that leave nothing a sum is 0, and a product 1. */
    private static Expr writtenOut(boolean isSum, String letter, long from, long to, Expr term) {
        List<Expr> all = new ArrayList<>();
        for (long k = from; k <= to; k++) {
            all.add(term.with(letter, Rational.of(k)));
        }
        return switch (all.size()) {
            case 0 -> Expr.Num.of(isSum ? 0 : 1);
            case 1 -> all.getFirst();
            default -> isSum ? new Expr.Sum(all) : new Expr.Product(all);
        };
    }

    /** A whole number; a bound with a letter is school mathematics too, and is refused by name. */
    private long bound(Token sign) {
        Optional<BigInteger> whole = exprs.sum().asInteger().filter(n -> n.bitLength() < 32);
        return whole.orElseThrow(() -> new Cursor.Stop(Problem.SUM_SIGN, sign.at()))
                .longValueExact();
    }

    private void expect(Kind kind) {
        if (!cursor.at(kind)) {
            throw cursor.unexpected();
        }
        cursor.take();
    }

    private String stop(Token sign) {
        throw new Cursor.Stop(Problem.SUM_SIGN, sign.at());
    }
}
