package littlesummit.content.code.number;

/**
 * An expression of one or two absolute values.
 *
 * @param text in entry syntax
 * @param open with what is inside the bars worked out
 * @param sizes without bars
 * @param value of all of it
 * @param bracketed the value when bars are read as brackets
 * @param withoutSigns the value when every sign is left out and everything is added
 * @param first the bars on the left
 */
record BarSum(String text, String open, String sizes, int value, int bracketed, int withoutSigns, Bars first) {
    static BarSum plain(Bars x) {
        return new BarSum(x.closed(), x.open(), String.valueOf(x.size()), x.size(), x.value(), x.withoutSigns(), x);
    }

    static BarSum minus(Bars x) {
        return new BarSum("-" + x.closed(), "-" + x.open(), "-" + x.size(), -x.size(), -x.value(), x.withoutSigns(), x);
    }

    static BarSum sum(Bars x, Bars y) {
        return new BarSum(
                x.closed() + " + " + y.closed(),
                x.open() + " + " + y.open(),
                x.size() + " + " + y.size(),
                x.size() + y.size(),
                x.value() + y.value(),
                x.withoutSigns() + y.withoutSigns(),
                x);
    }

    static BarSum difference(Bars x, Bars y) {
        return scaled(1, x, y);
    }

    /** So many times the first, less the second. */
    static BarSum scaled(int k, Bars x, Bars y) {
        String before = k == 1 ? "" : String.valueOf(k);
        String times = k == 1 ? "" : k + "\\cdot ";
        return new BarSum(
                before + x.closed() + " - " + y.closed(),
                before + x.open() + " - " + y.open(),
                times + x.size() + " - " + y.size(),
                k * x.size() - y.size(),
                k * x.value() - y.value(),
                k * x.withoutSigns() + y.withoutSigns(),
                x);
    }
}
