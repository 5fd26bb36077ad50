package littlesummit.core.math;

import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Token.Kind;

/** Roots, by their sign or by the word. */
final class RootParser {
    private final Cursor cursor;
    private final ExprParser exprs;

    RootParser(Cursor cursor, ExprParser exprs) {
        this.cursor = cursor;
        this.exprs = exprs;
    }

    /** A root by its sign, with its index on it where there is one. */
    Expr sign() {
        Token sign = cursor.take();
        int index = sign.is(Kind.ROOT_SIGN, "∛") ? 3 : sign.is(Kind.ROOT_SIGN, "∜") ? 4 : 2;
        if (sign.is(Kind.ROOT_SIGN, "\\sqrt") && cursor.at(Kind.OPEN, "[")) {
            Token open = cursor.take();
            index = index();
            exprs.close(open);
        }
        cursor.enter();
        Expr radicand = exprs.primary();
        cursor.leave();
        return new Expr.Root(index, radicand);
    }

    /** {@code root(3, x)}. */
    Expr root() {
        cursor.take();
        Token open = cursor.peek();
        if (!cursor.takeIf(Kind.OPEN, "(")) {
            throw cursor.unexpected();
        }
        int index = index();
        if (!cursor.at(Kind.COMMA)) {
            throw cursor.unexpected();
        }
        cursor.take();
        Expr radicand = exprs.sum();
        exprs.close(open);
        return new Expr.Root(index, radicand);
    }

    private int index() {
        Token token = cursor.peek();
        if (!NumberParser.isWhole(token) || token.text().length() > 2 || Integer.parseInt(token.text()) < 2) {
            throw token.is(Kind.NUMBER) ? new Cursor.Stop(Problem.TOO_LARGE, token.at()) : cursor.unexpected();
        }
        return Integer.parseInt(cursor.take().text());
    }
}
