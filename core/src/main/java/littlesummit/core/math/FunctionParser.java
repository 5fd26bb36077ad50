package littlesummit.core.math;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Token.Kind;

/**
 * Functions by their names. Without brackets the argument is what stands side by side: {@code sin 2x} is sin(2x), and
 * {@code sin x cos x} a product. Where it is not plain how far it reaches, as in {@code sin x/2}, brackets are asked.
 */
final class FunctionParser {
    private static final Set<Kind> GOES_ON =
            Set.of(Kind.NUMBER, Kind.LETTER, Kind.PI, Kind.EULER, Kind.ROOT_SIGN, Kind.FRACTION, Kind.VULGAR);

    private final Cursor cursor;
    private final ExprParser exprs;

    FunctionParser(Cursor cursor, ExprParser exprs) {
        this.cursor = cursor;
        this.exprs = exprs;
    }

    Expr call() {
        Token name = cursor.take();
        cursor.enter();
        Expr call = call(name);
        cursor.leave();
        return call;
    }

    private Expr call(Token name) {
        if (name.text().equals("binom")) {
            return new Expr.Call(Fn.BINOMIAL, List.of(exprs.argument(), exprs.argument()));
        }
        if (name.text().equals("nCr")) {
            return listed(Fn.BINOMIAL);
        }
        if (name.text().equals("exp")) {
            return new Expr.Power(new Expr.Euler(), exprs.bracket());
        }
        Fn fn = Fn.named(name.text()).orElseThrow(cursor::unexpected);
        if (fn.takesList()) {
            return listed(fn);
        }
        Optional<Expr> base = cursor.takeIf(Kind.BASE, "_") ? Optional.of(exprs.argument()) : Optional.empty();
        if (!cursor.at(Kind.CARET)) {
            return applied(fn, base);
        }
        cursor.take();
        Expr exponent = exprs.exponent();
        if (exponent.equals(Expr.integer(-1)) && fn.inverse().isPresent()) {
            return applied(fn.inverse().get(), base);
        }
        return new Expr.Power(applied(fn, base), exponent);
    }

    private Expr applied(Fn fn, Optional<Expr> base) {
        Expr of = cursor.at(Kind.OPEN) || cursor.at(Kind.BAR) ? exprs.primary() : side();
        return new Expr.Call(fn, base.map(b -> List.of(b, of)).orElse(List.of(of)));
    }

    /** What stands side by side behind the name. */
    private Expr side() {
        if (fitsTwice()) {
            throw new Cursor.Stop(
                    Problem.FUNCTION_WITHOUT_BRACKETS, cursor.peek().at());
        }
        boolean isNegative = cursor.at(Kind.MINUS);
        if (isNegative) {
            cursor.take();
        }
        if (!GOES_ON.contains(cursor.peek().kind())) {
            throw cursor.unexpected();
        }
        List<Expr> factors = new ArrayList<>();
        while (GOES_ON.contains(cursor.peek().kind())) {
            factors.add(exprs.factor());
        }
        Token next = cursor.peek(1);
        boolean isQuotient =
                cursor.at(Kind.DIVIDE) && !next.is(Kind.FUNCTION) && !next.is(Kind.OPEN) && !next.is(Kind.MINUS);
        if (isQuotient || cursor.at(Kind.OPEN)) {
            throw new Cursor.Stop(
                    Problem.FUNCTION_WITHOUT_BRACKETS, cursor.peek().at());
        }
        Expr of = factors.size() == 1 ? factors.getFirst() : new Expr.Product(factors);
        return isNegative ? new Expr.Neg(of) : of;
    }

    /** log2(8): the two may be the base, or a factor. */
    private boolean fitsTwice() {
        return cursor.at(Kind.NUMBER) && cursor.peek(1).is(Kind.OPEN, "(");
    }

    /** A function of the vocabulary: what it takes is for whoever works it out. */
    Expr applied() {
        String name = cursor.take().text();
        return new Expr.Applied(name, arguments());
    }

    /** Several arguments in brackets. */
    Expr listed(Fn fn) {
        List<Expr> args = arguments();
        boolean fits = fn == Fn.BINOMIAL ? args.size() == 2 : args.size() >= 2;
        if (!fits) {
            throw cursor.unexpected();
        }
        return new Expr.Call(fn, args);
    }

    private List<Expr> arguments() {
        Token open = cursor.peek();
        if (!cursor.takeIf(Kind.OPEN, "(")) {
            throw cursor.unexpected();
        }
        List<Expr> args = new ArrayList<>(List.of(exprs.sum()));
        while (cursor.at(Kind.COMMA)) {
            cursor.take();
            args.add(exprs.sum());
        }
        exprs.close(open);
        return args;
    }
}
