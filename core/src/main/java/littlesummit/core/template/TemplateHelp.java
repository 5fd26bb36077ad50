package littlesummit.core.template;

import java.util.List;

/**
 * The language of documents on one page, for whoever writes one.
 *
 * @param title what the lines are about
 */
public record TemplateHelp(String title, List<Line> lines) {
    /**
     * @param written as it stands in a document
     * @param says what it does
     * @param example with numbers; empty where {@code written} is one
     * @param result of the example; empty where there is none to show
     */
    public record Line(String written, String says, String example, String result) {}

    public TemplateHelp {
        lines = List.copyOf(lines);
    }

    private static Line line(String written, String says) {
        return new Line(written, says, "", "");
    }

    private static Line line(String written, String says, String example, String result) {
        return new Line(written, says, example, result);
    }

    /** All of it, in the order in which a document is written. */
    public static List<TemplateHelp> all() {
        return List.of(
                new TemplateHelp("What is drawn", DRAWN),
                new TemplateHelp("Functions of formulas", FUNCTIONS),
                new TemplateHelp("How a value is written among words", LOOKS),
                new TemplateHelp("What stands in a variant", VARIANT),
                new TemplateHelp("What stands in a question", PART),
                new TemplateHelp("How an answer is given", ANSWERS),
                new TemplateHelp("Figures", FIGURES));
    }

    /** Sixty pixels by thirty in greys, made for this page. */
    private static final String HILLS =
            "data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAADwAAAAeCAAAAABV8yKTAAAAc0lEQVR42u3Q"
                    + "QQrAIAwF0Tnn3H/nJUp3ajFBA4VCs/6PwNAKxxewBaweY31qduys2bKTZs+OmjTpaAdNmnSy/YA06Wy7"
                    + "AWlSXWqypLrWJEk10MRJNdKESTXUREk11gRJNdG09MVac26Vgr2xBWwB++P38AVfOT4tiNgn9QAAAABJ"
                    + "RU5ErkJggg==";

    static final List<Line> DRAWN = List.of(
            line("2..9", "a whole number, both ends included"),
            line("0.5..4 step 0.25", "a number of this range, in steps"),
            line("one of 2, 3, 5", "one of these"),
            line("a word from goods", "a word with its plural, from a list that ships"),
            line("a name from people", "a name of the valley"),
            line("5 from 10..60", "a list of five numbers"),
            line("4 different from 1..9", "a list of four numbers, no two of them alike"));

    static final List<Line> FUNCTIONS = List.of(
            line("mod(a, b)", "what is left when a is divided by b", "mod(17, 5)", "2"),
            line("floor(a)", "the whole number below", "floor(7/2)", "3"),
            line("ceil(a)", "the whole number above", "ceil(7/2)", "4"),
            line("round(a, places)", "rounded, half up", "round(3.14159, 2)", "3.14"),
            line("sign(a)", "−1, 0 or 1", "sign(-4)", "-1"),
            line("abs(a)", "without its sign", "abs(-4)", "4"),
            line("gcd(a, b)", "the largest number that divides both", "gcd(12, 18)", "6"),
            line("lcm(a, b)", "the smallest number that both divide", "lcm(4, 6)", "12"),
            line("min(a, b)", "the smallest", "min(3, 1, 2)", "1"),
            line("max(a, b)", "the largest", "max(3, 1, 2)", "3"),
            line("sum(list)", "all added", "sum(4, 7, 1)", "12"),
            line("num(a)", "the top in lowest terms", "num(6/8)", "3"),
            line("den(a)", "the bottom in lowest terms", "den(6/8)", "4"),
            line("decimal(a)", "written as a decimal", "decimal(3/4)", "0.75"),
            line("fraction(a)", "written as a fraction", "fraction(0.75)", "3/4"),
            line("mixed(a)", "written with its wholes", "mixed(7/4)", "1 3/4"),
            line("digits(n)", "its digits, as a list", "digits(407)", "[4 0 7]"),
            line("digit(n, power)", "the digit that counts this power of ten", "digit(407, 2)", "4"),
            line("primes(n)", "the primes that it is a product of", "primes(12)", "[2 2 3]"),
            line("divisors(n)", "the numbers that divide it", "divisors(12)", "[1 2 3 4 6 12]"),
            line("count(list)", "how many there are", "count(primes(12))", "3"),
            line("item(list, i)", "the one at a place, from 1 on", "item(divisors(12), 3)", "3"),
            line("sort(list)", "from the smallest on", "sort(digits(407))", "[0 4 7]"),
            line("median(list)", "the one in the middle", "median(digits(407))", "4"),
            line("plus(list)", "a sum that is not worked out", "plus(digits(47))", "4 + 7"),
            line("times(list)", "a product that is not worked out", "times(primes(12))", "2*2*3"),
            line("expand(e)", "without brackets", "expand((x + 3)^2)", "x^2 + 6x + 9"),
            line("factor(e)", "as a product", "factor(x^2 - 9)", "(x + 3)(x - 3)"),
            line("degree(e)", "the highest exponent", "degree(x^3 + x)", "3"),
            line("coefficient(e, x, power)", "the number before a power", "coefficient(3*x^2 + x, x, 2)", "3"),
            line("substitute(e, x, a)", "a value put in", "substitute(x^2 + 1, x, 3)", "10"),
            line("solutions(e, x)", "the numbers that make it zero", "solutions(x^2 - 9, x)", "[-3 3]"),
            line("value(e)", "worked out where mathematics stays as it is written otherwise", "value(3 + 4)", "7"),
            line("show(e)", "kept as it is written"),
            line("bracket(e)", "kept as it is written, with brackets around it"));

    static final List<Line> LOOKS = List.of(
            line("{n}", "with commas between thousands", "n=12000", "12,000"),
            line("$n*x + 3$", "mathematics, with the numbers put in", "n=2", "$2x+3$"),
            line("{n of hour|hours}", "the word that agrees with the number", "n=1", "hour"),
            line("{n as money}", "dollars, with cents where there are any", "n=16.5", "\\$16.50"),
            line("{n as percent}", "times a hundred, with its sign", "n=0.25", "25%"),
            line("{n as 2 places}", "with so many digits behind the point", "n=3", "3.00"),
            line("{n as fraction}", "as a fraction", "n=0.75", "$\\frac{3}{4}$"),
            line("{n as mixed}", "with its wholes", "n=7/4", "$1\\frac{3}{4}$"),
            line("{n as plain}", "without commas", "n=2026", "2026"),
            line("{n as clock}", "minutes after midnight", "n=845", "14:05"),
            line("{n as words}", "a whole number in words", "n=42", "forty-two"),
            line("{n as list}", "a list, with a last “and”", "n=[4 7 1]", "4, 7 and 1"));

    static final List<Line> VARIANT = List.of(
            line("id", "its name, in small letters"),
            line("tiers", "the levels for which it makes items, such as [1, 2]"),
            line("letters", "letters of formulas that stand for themselves"),
            line("draw", "names with what is drawn for them"),
            line("let", "names with formulas; several cases as [{when: …, is: …}, {is: …}]"),
            line("where", "conditions; until they hold, other numbers are drawn"),
            line("frames", "sentences of which one begins the item"),
            line("stem", "what is read after that: sentences, formula, table, figure"),
            line("parts", "the questions"),
            line("worked", "the solution: say, and math that follows from the line before"),
            line("second", "another explanation, with title and blocks"),
            line("calculator", "true where one may be used"),
            line("given", "what the check of lines may start from"),
            line("whole", "instead of all that: an item that came from another server, as it is"));

    static final List<Line> PART = List.of(
            line("ask", "the question"),
            line("field", "where it is answered: id, label, kind, form, answer"),
            line("fields", "several of them"),
            line("sentence", "words with places {{id}} for the fields"),
            line("table", "cells, some of them places {{id}} for the fields"),
            line("labels", "texts to lay into fields of the kind label"),
            line("on", "a bar on which labels are laid: slot of a piece, or total: \"{{id}}\""),
            line("hints", "three: a nudge, the rule, the first step with these numbers"),
            line("mistakes", "wrong answers: value or entry, slip, and what to say"),
            line("naive", "ways that students are known to try; they must seldom be right"));

    static final List<Line> ANSWERS = List.of(
            line("kind: number", "a number; form says how it is written"),
            line("kind: expression", "an expression, with its letters"),
            line("kind: equation", "an equation"),
            line("kind: pair", "two coordinates"),
            line("kind: set", "several solutions"),
            line("kind: choice", "options to choose from: text or figure, right, slip, say"),
            line("kind: order", "options to put in order, each with what it goes by"),
            line("as: shapes", "a choice in a figure of polygons, given as shapes; each option names its shape"),
            line("kind: label", "a place for one of the labels of the part: entry, say"),
            line("kind: words", "a reason in words to a picture on the page; a person reads both, entry is an example"),
            line("kind: text", "words alone, read by a person; entry is an example"),
            line("point-on", "a point, placed on a grid"),
            line("line-on", "a line, placed on a grid"),
            line("mark-on", "a mark on a number line"),
            line("ray-on", "a ray on a number line"),
            line("shade", "parts of a whole, shaded"),
            line("lay", "units, laid along a thing that is measured"),
            line("columns", "digits below numbers that stand one below the other"));

    static final List<Line> FIGURES = List.of(
            line(
                    "bar",
                    "a bar with pieces of their sizes",
                    "{kind: bar, alt: A bar of 20., total: \"20\", pieces: [{size: 12, label: \"12\", shaded: yes},"
                            + " {size: 8}]}",
                    ""),
            line(
                    "parts",
                    "a bar or circle in equal parts, some shaded",
                    "{kind: parts, alt: Three eighths of a circle., shape: circle, parts: 8, shaded: 3}",
                    ""),
            line(
                    "number-line",
                    "a line with marks",
                    "{kind: number-line, alt: A line from 0 to 10., from: 0, to: 10, step: 1, marks: [{at: 4, label:"
                            + " A}]}",
                    ""),
            line(
                    "balance",
                    "two pans with what lies on them",
                    "{kind: balance, alt: A level balance., left: [3 boxes, \"4\"], right: [\"10\"], level: yes}",
                    ""),
            line(
                    "scale",
                    "a scale with a pointer",
                    "{kind: scale, alt: A scale that shows 300 grams., max: 1000, step: 100, reading: 300, unit: g}",
                    ""),
            line(
                    "measured",
                    "a thing beside a ruler",
                    "{kind: measured, alt: A pencil of 7 centimetres., object: pencil, unit: cm, length: 7}",
                    ""),
            line(
                    "grid",
                    "points, circles, and lines ax + by = c on a grid",
                    "{kind: grid, alt: A point and a line., draw: [{point: [2, 3], label: A}, {line: [1, 2, 4]}]}",
                    ""),
            line(
                    "angles",
                    "rays with arcs between them",
                    "{kind: angles, alt: An angle., rays: [{degrees: 0}, {degrees: 50}], arcs: [{from: 0, to: 50,"
                            + " label: x}]}",
                    ""),
            line(
                    "polygons",
                    "shapes by their corners, x and y in turn; right: [2] marks the angle at the second",
                    "{kind: polygons, alt: A triangle., shapes: [{id: a, corners: [0, 0, 4, 0, 4, 3], right:"
                            + " [2]}]}",
                    ""),
            line(
                    "image",
                    "a PNG or JPEG as a data URL, with areas outlined on it",
                    "{kind: image, alt: Two hills., width: 60, height: 30, data: \"" + HILLS
                            + "\", areas: [{id: A, corners: [2, 8, 26, 8, 26, 28, 2, 28]}]}",
                    ""),
            line(
                    "segments",
                    "straight lines with named points",
                    "{kind: segments, alt: A segment., segments: [{points: [{name: A, x: 0, y: 0}, {name: B, x: 4, y:"
                            + " 0}]}]}",
                    ""));
}
