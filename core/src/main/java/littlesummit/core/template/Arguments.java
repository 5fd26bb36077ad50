package littlesummit.core.template;

import java.math.BigInteger;
import java.util.List;
import java.util.stream.Stream;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.Rational;

/** The values in the brackets of a function, each as what the function needs it to be. */
record Arguments(List<Value> values) {
    int count() {
        return values.size();
    }

    Value get(int i) {
        return values.get(i);
    }

    Rational number(int i) {
        return asNumber(values.get(i)).value();
    }

    /** A decimal where one of the values is one. */
    Value alike(Rational value) {
        boolean isDecimal = values.stream().anyMatch(v -> v instanceof Value.Number n && n.isDecimal());
        return new Value.Number(value, isDecimal && value.terminates() ? 0 : -1);
    }

    private static Value.Number asNumber(Value value) {
        if (value instanceof Value.Number number) {
            return number;
        }
        throw new Stuck("number here: this is " + value.kind());
    }

    BigInteger whole(int i) {
        Rational number = number(i);
        if (!number.isInteger()) {
            throw new Stuck("whole number here: this is " + number);
        }
        return number.num();
    }

    int small(int i, int most) {
        BigInteger whole = whole(i);
        if (whole.signum() < 0 || whole.compareTo(BigInteger.valueOf(most)) > 0) {
            throw new Stuck("number from 0 to " + most + " here: this is " + whole);
        }
        return whole.intValueExact();
    }

    List<Value> list(int i) {
        if (values.get(i) instanceof Value.Several(List<Value> items)) {
            return items;
        }
        throw new Stuck("list here: this is " + values.get(i).kind());
    }

    List<Value.Number> numbersOf(int i) {
        return list(i).stream().map(Arguments::asNumber).toList();
    }

    /** All numbers, those of lists among them. */
    Stream<Value.Number> numbers() {
        return values.stream()
                .flatMap(value -> value instanceof Value.Several(List<Value> items) ? items.stream() : Stream.of(value))
                .map(Arguments::asNumber);
    }

    List<Expr> exprs(int i) {
        return list(i).stream().map(Evaluator::expr).toList();
    }

    Polynomial polynomial(int i) {
        return Canonical.of(Evaluator.expr(values.get(i)))
                .asPolynomial()
                .filter(Polynomial::isOrdinary)
                .orElseThrow(() -> new Stuck("polynomial here"));
    }
}
