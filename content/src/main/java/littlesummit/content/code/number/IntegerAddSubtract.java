package littlesummit.content.code.number;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** Signed sums and differences of whole numbers, bare and as temperatures. */
public final class IntegerAddSubtract extends SkillDefinition {
    public IntegerAddSubtract() {
        super("integer-add-subtract", "Adding and subtracting signed numbers", List.of("bare", "temperature"));
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int most =
                ref.variant().equals("bare") ? Grounds.of(ref.tier(), 12, 30, 60) : Grounds.of(ref.tier(), 12, 18, 24);
        int a = draw.between(-most, most, n -> n != 0);
        boolean minus = draw.coin();
        int b = draw.between(-most, most, n -> n != 0 && n != a && n != -a && (ref.tier() > 1 || n > 0 || minus));
        int c = ref.tier() == 3 ? draw.between(-15, 15, n -> n != 0) : 0;
        return ref.variant().equals("bare") ? bare(ref, a, minus, b, c) : weather(ref, a, minus ? -b : b, c);
    }

    @Override
    public int version() {
        return 3;
    }

    /** A change that would leave the temperatures of a mountain goes the other way. */
    private static Item weather(ItemRef ref, int a, int change, int c) {
        int first = isOfAMountain(a + change) ? change : -change;
        int then = isOfAMountain(a + first + c) ? c : -c;
        return temperature(ref, a, first, then);
    }

    private static boolean isOfAMountain(int degrees) {
        return degrees >= -35 && degrees <= 30;
    }

    private static Item bare(ItemRef ref, int a, boolean minus, int b, int c) {
        int result = (minus ? a - b : a + b) + c;
        String stem = a + (minus ? " - " : " + ") + bracketed(b) + (c == 0 ? "" : " + " + bracketed(c));
        int moved = minus ? -b : b;
        String flat = a + signed(moved) + (c == 0 ? "" : signed(c));
        Items item = Items.of(ref)
                .text("Work out the value.")
                .formula(stem)
                .part(part(result, a, minus, b, c, "An integer"))
                .step((stem.contains("(") ? "Drop the brackets. " : "") + rule(minus, b), flat);
        if (c != 0) {
            item.step("Go from left to right.", (a + moved) + signed(c));
        }
        return item.step("Work it out.", String.valueOf(result))
                .given(stem)
                .second("On a number line", line(a, moved, c))
                .build();
    }

    private static String rule(boolean minus, int b) {
        return minus
                ? b < 0 ? "Taking away a negative number adds." : "Taking away a positive number takes you down."
                : b < 0 ? "Adding a negative number takes you down." : "Adding a positive number takes you up.";
    }

    private static Item temperature(ItemRef ref, int a, int change, int c) {
        int result = a + change + c;
        String moved = change > 0 ? "rises by " + change + " °C" : "falls by " + -change + " °C";
        String then = c == 0 ? "" : c > 0 ? " and then rises by " + c + " °C" : " and then falls by " + -c + " °C";
        String sum = a + signed(change) + (c == 0 ? "" : signed(c));
        Items item = Items.of(ref)
                .text("At the weather station it is $" + a + "$ °C. The temperature " + moved + then
                        + ". How many °C is it now?")
                .part(part(result, a, false, change, c, "Temperature in °C"))
                .step("A rise is added, a fall is taken away.", sum);
        if (c != 0) {
            item.step("Go from left to right.", (a + change) + signed(c));
        }
        return item.step("Work it out.", String.valueOf(result))
                .given(sum)
                .second("On a number line", line(a, change, c))
                .build();
    }

    private static Part part(int result, int a, boolean minus, int b, int c, String label) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(result));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf((minus ? a + b : a - b) + c),
                        "second-sign",
                        "Look at the sign of the second number, and at what is done with it.")
                .add(
                        String.valueOf(Math.abs(a) + Math.abs(b) + Math.abs(c)),
                        "absolute-values",
                        "It looks as if the signs were left out. Put each one back in.")
                .add(String.valueOf(-result), "sign", "The size is right. On which side of zero do you end?");
        Field field = Field.typed("answer", label, "a whole number with its sign", answer, mistakes.list());
        return Part.of(
                "What is the result?",
                field,
                "On which side of zero do you start, and which way do you go?",
                label.startsWith("Temperature")
                        ? "A rise goes up the scale, a fall goes down. Below zero the numbers grow downward."
                        : "Taking away a negative number is the same as adding its opposite; adding a negative number"
                                + " is taking away.",
                "Start at $" + a + "$ and go " + Math.abs(b) + ((minus ? -b : b) > 0 ? " up." : " down."));
    }

    /** @param then a second move, 0 for none */
    private static Block[] line(int from, int move, int then) {
        int over = from + move;
        int end = over + then;
        int low = IntStream.of(0, from, over, end).min().orElseThrow() - 2;
        int high = IntStream.of(0, from, over, end).max().orElseThrow() + 2;
        int step = high - low > 40 ? 10 : high - low > 16 ? 5 : 1;
        List<Figure.Mark> marks = new ArrayList<>(List.of(new Figure.Mark(from, "start", true)));
        if (then != 0) {
            marks.add(new Figure.Mark(over, String.valueOf(over), true));
        }
        marks.add(new Figure.Mark(end, String.valueOf(end), false));
        return new Block[] {
            new Block.Text(
                    "Start at $" + from + "$ and go " + way(move) + (then == 0 ? "." : ", then " + way(then) + ".")),
            new Block.Picture(new Figure.NumberLine(
                    "A number line from " + low + " to " + high + " with marks at " + from
                            + (then == 0 ? "" : ", " + over) + " and " + end + ".",
                    low,
                    high,
                    step,
                    marks))
        };
    }

    private static String way(int move) {
        return Math.abs(move) + (move > 0 ? " to the right" : " to the left");
    }

    private static String bracketed(int n) {
        return n < 0 ? "(" + n + ")" : String.valueOf(n);
    }

    private static String signed(int n) {
        return n < 0 ? " - " + -n : " + " + n;
    }
}
