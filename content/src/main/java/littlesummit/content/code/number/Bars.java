package littlesummit.content.code.number;

/**
 * What stands between the bars of an absolute value: one number, or two that are added or taken away.
 *
 * @param text in entry syntax
 * @param value with its sign
 * @param withoutSigns what comes out when every sign is left out and the numbers are added
 * @param isOne whether it is one number
 */
record Bars(String text, int value, int withoutSigns, boolean isOne) {
    static Bars of(int number) {
        return new Bars(String.valueOf(number), number, Math.abs(number), true);
    }

    static Bars sum(int a, int b) {
        return new Bars(a + " + " + bracketed(b), a + b, Math.abs(a) + Math.abs(b), false);
    }

    static Bars difference(int a, int b) {
        return new Bars(a + " - " + bracketed(b), a - b, Math.abs(a) + Math.abs(b), false);
    }

    private static String bracketed(int n) {
        return n < 0 ? "(" + n + ")" : String.valueOf(n);
    }

    /** Distance from zero. */
    int size() {
        return Math.abs(value);
    }

    /** With what is inside worked out. */
    String open() {
        return "|" + value + "|";
    }

    String closed() {
        return "|" + text + "|";
    }
}
