package littlesummit.core.grading;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import littlesummit.core.math.Expr;

/** Single terms as they are written: a coefficient times powers, each letter once. */
final class Terms {
    private Terms() {}

    static boolean isTerm(Expr expr) {
        return switch (expr) {
            case Expr.Neg(Expr inner) -> !(inner instanceof Expr.Neg) && isTerm(inner);
            case Expr.Quotient(Expr num, Expr den) ->
                isTerm(num)
                        && isTerm(den)
                        && !(num instanceof Expr.Quotient)
                        && !(den instanceof Expr.Quotient)
                        && !(den instanceof Expr.Neg)
                        && powers(num).keySet().stream().noneMatch(powers(den)::containsKey);
            case Expr.Product(List<Expr> factors) -> isProductTerm(factors);
            default -> isCoefficient(expr) || power(expr).isPresent();
        };
    }

    /** One number at most, roots and π beside it, every letter once. */
    private static boolean isProductTerm(List<Expr> factors) {
        List<String> letters = new ArrayList<>();
        int numbers = 0;
        for (Expr factor : factors) {
            Optional<Map.Entry<String, BigInteger>> power = power(factor);
            if (power.isPresent()) {
                letters.add(power.get().getKey());
            } else if (isNumber(factor)
                    || factor instanceof Expr.Neg(Expr inner) && isNumber(inner) && factor == factors.getFirst()) {
                numbers++;
            } else if (!isCoefficient(factor)) {
                return false;
            }
        }
        return numbers <= 1 && letters.stream().distinct().count() == letters.size();
    }

    private static boolean isNumber(Expr expr) {
        return expr instanceof Expr.Num
                || expr instanceof Expr.Mixed
                || expr instanceof Expr.Quotient(Expr num, Expr den)
                        && num instanceof Expr.Num
                        && den instanceof Expr.Num;
    }

    private static boolean isCoefficient(Expr expr) {
        return isNumber(expr) || expr instanceof Expr.Pi || expr instanceof Expr.Root(int index, Expr.Num radicand);
    }

    /** A letter, or a letter to a whole power. */
    private static Optional<Map.Entry<String, BigInteger>> power(Expr expr) {
        return switch (expr) {
            case Expr.Letter(String name) -> Optional.of(Map.entry(name, BigInteger.ONE));
            case Expr.Power(Expr.Letter(String name), Expr exponent) ->
                exponent.asInteger().map(e -> Map.entry(name, e));
            default -> Optional.empty();
        };
    }

    /** Exponent by letter; terms with the same map are alike. Irrational coefficients keep terms apart. */
    static Map<String, Object> powers(Expr term) {
        Map<String, Object> powers = new TreeMap<>();
        collect(term, 1, powers);
        return powers;
    }

    private static void collect(Expr term, int sign, Map<String, Object> into) {
        power(term)
                .filter(p -> p.getValue().signum() != 0)
                .ifPresent(p -> into.put(p.getKey(), p.getValue().multiply(BigInteger.valueOf(sign))));
        switch (term) {
            case Expr.Neg(Expr inner) -> collect(inner, sign, into);
            case Expr.Product(List<Expr> factors) -> factors.forEach(f -> collect(f, sign, into));
            case Expr.Quotient(Expr num, Expr den) -> {
                collect(num, sign, into);
                collect(den, -sign, into);
            }
            case Expr.Root r -> into.put("root " + r, sign);
            case Expr.Pi p -> into.put("pi", sign);
            default -> {}
        }
    }
}
