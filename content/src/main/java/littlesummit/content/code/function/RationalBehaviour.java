package littlesummit.content.code.function;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/** Questions about how the graph of a rational function runs at its zeros and poles, and between them. */
final class RationalBehaviour {
    private static final String CROSSES = "crosses";
    private static final String TOUCHES = "touches";
    private static final String UP = "up without end";
    private static final String DOWN = "down without end";
    private static final String POSITIVE = "f(x) > 0";
    private static final String NEGATIVE = "f(x) < 0";

    private RationalBehaviour() {}

    private static Field pick(String id, String label, String right, String wrong, String slip, String message) {
        Field choice = Choices.right(right).wrong(wrong, slip, message).ordered(id, label, Comparator.naturalOrder());
        return choice.by(new Response.PickFromList(choice.response().options()));
    }

    /** At every zero: does the graph cross the x-axis or touch it? */
    static Part crossings(RationalShape s) {
        List<Field> fields = new ArrayList<>();
        List<List<String>> rows = new ArrayList<>();
        for (int z : s.zerosOnce()) {
            String id = "crossing" + (fields.size() + 1);
            fields.add(pick(
                    id,
                    "At x = " + z,
                    s.touches(z) ? TOUCHES : CROSSES,
                    s.touches(z) ? CROSSES : TOUCHES,
                    "multiplicity",
                    "How often does the factor occur? Take a number a little smaller and one a little larger, and"
                            + " compare the signs."));
            rows.add(List.of("$x = " + z + "$", "{{" + id + "}}"));
        }
        int last = s.zerosOnce().getLast();
        return new Part(
                s.zerosOnce().size() == 1
                        ? "Does the graph cross the x-axis there, or touch it and turn back?"
                        : "At each of these, does the graph cross the x-axis, or touch it and turn back?",
                fields,
                new Layout.InTable(List.of("at", "the graph"), rows, false),
                List.of(
                        "Does the function change its sign there?",
                        "A factor that occurs an odd number of times changes the sign of the product, an even number"
                                + " of times does not.",
                        "Find the factor that is zero at $x = " + last + "$ in the product. Which power stands at"
                                + " it?"));
    }

    static Part poles(RationalShape s) {
        AnswerSpec answer = AnswerSpec.of(Kind.SET, Form.Shape.ANY, RationalAlgebra.set(s.poles()))
                .withLetters("x");
        List<Integer> withHole = new ArrayList<>(s.poles());
        withHole.addAll(s.holes());
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        s.hasHole(),
                        RationalAlgebra.set(withHole),
                        "hole-for-asymptote",
                        "At one of these there is only a hole: its factor cancels.")
                .add(RationalAlgebra.set(s.zeros()), "top-and-bottom", "Those make the top zero. Look at the bottom.")
                .addIf(
                        !s.poles().isEmpty(),
                        RationalAlgebra.set(s.poles().stream().map(p -> -p).toList()),
                        "signs-turned",
                        "Put one of your numbers in: is the bottom zero there?");
        return Part.of(
                "At which $x$ are the vertical asymptotes?",
                Field.typed("poles", "x", RationalAlgebra.NUMBERS, answer, mistakes.list()),
                "Which factors stay below in lowest terms?",
                "A zero of the bottom in lowest terms gives a vertical asymptote, a cancelled factor a hole.",
                s.plus() == 0
                        ? "Set each factor that is left below to zero, one after the other."
                        : "Is there any $x$ for which $x^2 + " + s.plus() + "$ is zero?");
    }

    /** On both sides of every pole. */
    static Part sides(RationalShape s) {
        List<Field> fields = new ArrayList<>();
        List<List<String>> rows = new ArrayList<>();
        for (int p : s.polesOnce()) {
            String left = "left" + (rows.size() + 1);
            String right = "right" + (rows.size() + 1);
            fields.add(side(left, "Just left of x = " + p, s.risesLeftOf(p)));
            fields.add(side(right, "Just right of x = " + p, s.risesRightOf(p)));
            rows.add(List.of("$x = " + p + "$", "{{" + left + "}}", "{{" + right + "}}"));
        }
        int last = s.polesOnce().getLast();
        return new Part(
                "Where does the graph go on both sides of "
                        + (rows.size() == 1 ? "the vertical asymptote?" : "each vertical asymptote?"),
                fields,
                new Layout.InTable(List.of("asymptote", "just left of it", "just right of it"), rows, false),
                List.of(
                        "Beside an asymptote only the sign matters: the size grows without end.",
                        "Take a number just beside it and look at the sign of each factor. Only the factor that is"
                                + " zero at the asymptote changes its sign there, if its power is odd.",
                        "Just right of $x = " + last + "$ the factor $" + factor(last)
                                + "$ is positive and small. Which signs have the others?"));
    }

    static String factor(int root) {
        return Linear.latex("x", 1, -root);
    }

    private static Field side(String id, String label, boolean isUp) {
        return pick(
                id,
                label,
                isUp ? UP : DOWN,
                isUp ? DOWN : UP,
                "sign-beside",
                "Put in a number just beside it and look at the sign of every factor.");
    }

    /** The sign of the function between its zeros and poles. */
    static Part signs(RationalShape s) {
        List<Integer> borders = s.borders();
        List<Field> fields = new ArrayList<>();
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i <= borders.size(); i++) {
            String where = between(borders, i);
            double inside = inside(borders, i);
            boolean isPositive = s.isPositiveNear(inside);
            String id = "sign" + (i + 1);
            fields.add(pick(
                    id,
                    "For " + where,
                    isPositive ? POSITIVE : NEGATIVE,
                    isPositive ? NEGATIVE : POSITIVE,
                    "sign-between",
                    "Put in one number from there and look at the sign of every factor."));
            rows.add(List.of("$" + where + "$", "{{" + id + "}}"));
        }
        return new Part(
                "Between its zeros and poles the sign of a function cannot change. Where is it positive, and where"
                        + " negative?",
                fields,
                new Layout.InTable(List.of("for", "sign"), rows, false),
                List.of(
                        "One number from each stretch is enough.",
                        "Count the factors that are negative for that number: an even count makes a positive value.",
                        "Begin far on the right, where each factor with $x$ is positive. Going left, the sign changes"
                                + " where a factor with an odd power is passed."));
    }

    static String between(List<Integer> borders, int i) {
        String low = i == 0 ? "" : borders.get(i - 1) + " < ";
        String high = i == borders.size() ? "" : " < " + borders.get(i);
        return i == borders.size() ? "x > " + borders.getLast() : low + "x" + high;
    }

    static double inside(List<Integer> borders, int i) {
        return i == 0
                ? borders.getFirst() - 1
                : i == borders.size() ? borders.getLast() + 1 : (borders.get(i - 1) + borders.get(i)) / 2.0;
    }

    static Part window(RationalShape s) {
        int right = IntStream.of(WINDOWS).filter(w -> s.reach() < w).findFirst().orElse(WINDOWS[WINDOWS.length - 1]);
        Choices choices = Choices.right(windowText(right));
        for (int w : WINDOWS) {
            choices.wrong(
                    windowText(w),
                    w < right ? "too-small" : "too-large",
                    w < right
                            ? "Something lies outside of it. Look at each place that you have found, its $x$ and its"
                                    + " $y$."
                            : "All of it can be seen there, but a smaller one shows it too.");
        }
        return Part.of(
                "Which is the smallest window that shows all of this?",
                choices.ordered("window", "Window", Comparator.comparingInt(RationalBehaviour::windowSize)),
                "Which places have you found, and what are their $x$ and $y$?",
                "A good window holds every zero, asymptote and hole, where it meets the y-axis, and where it meets its"
                        + " asymptote.",
                "Find the number farthest from zero among all these $x$ and $y$.");
    }

    /** Windows to choose from: x and y from minus so much to so much. */
    static final int[] WINDOWS = {5, 10, 20, 40};

    private static String windowText(int w) {
        return "x and y from -" + w + " to " + w;
    }

    private static int windowSize(String text) {
        return Integer.parseInt(text.substring(text.lastIndexOf(' ') + 1));
    }
}
