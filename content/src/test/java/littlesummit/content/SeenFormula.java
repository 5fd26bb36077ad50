package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertTrue;

/**
 * A term in x as LaTeX has it, or as one types it, computed in floating point: sums, products, quotients, powers, roots
 * and bars. Nothing of core is used.
 */
record SeenFormula(String text, int[] at, double x) {
    /** The only x that makes an equation of the first degree true. */
    static double solution(String equation) {
        double at0 = gap(equation, 0);
        double at1 = gap(equation, 1);
        return at0 / (at0 - at1);
    }

    /** Left less right. */
    static double gap(String equation, double x) {
        String[] sides = equation.split("=");
        return value(sides[0], x) - value(sides[1], x);
    }

    static double value(String latex, double x) {
        String plain = latex.replaceAll("\\\\left|\\\\right| ", "")
                .replace("{,}", "")
                .replace("\\cdot", "*")
                .replace("\\times", "*");
        return new SeenFormula(plain, new int[1], x).sum();
    }

    private char next() {
        return at[0] < text.length() ? text.charAt(at[0]) : '\0';
    }

    private boolean takes(String word) {
        boolean is = text.startsWith(word, at[0]);
        at[0] += is ? word.length() : 0;
        return is;
    }

    private double sum() {
        double sum = takes("-") ? -product() : product();
        while (next() == '+' || next() == '-') {
            sum += takes("+") ? product() : takes("-") ? -product() : 0;
        }
        return sum;
    }

    private double product() {
        double product = power();
        while (takes("*") || opensFactor()) {
            product *= takes("/") ? 1 / power() : power();
        }
        return product;
    }

    private boolean opensFactor() {
        return "(x\\/√".indexOf(next()) >= 0 || Character.isDigit(next()) || isBarBehindNumber();
    }

    /** A bar opens behind a digit; behind anything else it closes. */
    private boolean isBarBehindNumber() {
        return next() == '|' && at[0] > 0 && Character.isDigit(text.charAt(at[0] - 1)) && text.indexOf('|') == at[0];
    }

    private double power() {
        double base = atom();
        if (!takes("^")) {
            return base;
        }
        return Math.pow(base, next() == '{' ? group() : (double) (text.charAt(at[0]++) - '0'));
    }

    private double group() {
        assertTrue(takes("{"), () -> text + " at " + at[0]);
        double inside = sum();
        assertTrue(takes("}"), () -> text + " at " + at[0]);
        return inside;
    }

    private double closed(char by) {
        double inside = sum();
        assertTrue(takes("" + by), () -> text + " at " + at[0]);
        return inside;
    }

    private double atom() {
        if (takes("x")) {
            return x;
        }
        if (takes("\\frac")) {
            return group() / group();
        }
        if (takes("\\sqrt")) {
            double index = takes("[") ? closed(']') : 2;
            return Math.pow(group(), 1 / index);
        }
        if (takes("√(")) {
            return Math.sqrt(closed(')'));
        }
        if (takes("(")) {
            return closed(')');
        }
        if (takes("|")) {
            return Math.abs(closed('|'));
        }
        int from = at[0];
        while (Character.isDigit(next()) || next() == '.') {
            at[0]++;
        }
        return Double.parseDouble(text.substring(from, at[0]));
    }
}
