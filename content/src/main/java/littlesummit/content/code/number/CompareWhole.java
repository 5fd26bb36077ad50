package littlesummit.content.code.number;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.SkillDefinition;
import littlesummit.core.skill.Tex;

/** Two whole numbers: first in words, then with a sign. */
public final class CompareWhole extends SkillDefinition {
    private static final List<String> PLACES =
            List.of("ones", "tens", "hundreds", "thousands", "ten thousands", "hundred thousands");

    public CompareWhole() {
        super("compare-whole", "Comparing whole numbers", List.of("snow", "readings"));
    }

    @Override
    public int version() {
        return 3;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int digits = Grounds.of(ref.tier(), 3, 5, 6);
        int low = (int) Math.pow(10, digits - 1);
        int a = draw.between(low, 10 * low - 1, n -> n % 10 != 9 && n % 10 != 0 && n / 10 % 10 != 9);
        boolean equal = draw.between(1, 8) == 1;
        int other = ref.tier() == 1 ? draw.between(low, 10 * low - 1, n -> n != a) : swapOrShift(a, ref.tier(), draw);
        int b = equal ? a : other;
        String what = ref.variant().equals("snow")
                ? "Two snow fields hold $" + num(a) + "$ and $" + num(b) + "$ tonnes of snow."
                : "Two weather balloons sent $" + num(a) + "$ and $" + num(b) + "$ readings.";
        String sign = a < b ? "<" : a > b ? ">" : "=";
        return Items.of(ref)
                .text(what)
                .part(words(a, b))
                .part(sign(a, b, sign))
                .step(deciding(a, b), num(a) + sign(sign) + num(b))
                .step(
                        "The open side of the sign is at the larger number; equal numbers take an equals sign.",
                        num(a) + sign(sign) + num(b))
                .given("")
                .build();
    }

    /** Another number that shares its first digits with the first one. */
    private static int swapOrShift(int a, int tier, Draw draw) {
        int step = draw.oneOf(1, 10, 100);
        int tens = a / 10 % 10;
        int ones = a % 10;
        boolean swap = tier == 3 && draw.coin() && tens != ones;
        return swap ? a - tens * 10 - ones + ones * 10 + tens : a + (draw.coin() ? step : -step) * 1;
    }

    private static String sign(String sign) {
        return " " + sign + " ";
    }

    private static String num(int n) {
        return Tex.number(Rational.of(n));
    }

    private static Part words(int a, int b) {
        String right = a < b ? "is less than" : a > b ? "is greater than" : "is equal to";
        Choices choices = Choices.right(right);
        for (String other : List.of("is less than", "is greater than", "is equal to")) {
            choices.wrong(
                    other,
                    "reversed",
                    a == b
                            ? "Compare place by place. Is there a place where they differ?"
                            : other.equals("is equal to")
                                    ? "They are not equal: there is a place where the digits differ."
                                    : "Look at the first place from the left where the digits differ.");
        }
        Field field = choices.ordered("words", "how they compare", java.util.Comparator.reverseOrder());
        Response list = new Response.PickFromList(((Response.ChooseOne) field.response()).options());
        return new Part(
                "Choose the words that fit.",
                List.of(field.by(list)),
                new Layout.InSentence("$" + num(a) + "$ {{words}} $" + num(b) + "$."),
                hints(a, b));
    }

    private static List<String> hints(int a, int b) {
        return List.of(
                "Which digits decide: the first ones or the last ones?",
                "Compare from the left. The first place where the digits differ decides.",
                "The highest places hold a " + String.valueOf(a).charAt(0) + " and a "
                        + String.valueOf(b).charAt(0) + ". "
                        + (String.valueOf(a).charAt(0) == String.valueOf(b).charAt(0)
                                ? "They agree, so go on to the next place."
                                : "Do they differ already?"));
    }

    private static List<String> signHints(int a) {
        return List.of(
                "You have just found out how they compare. Now say it with a sign.",
                "The open side of the sign is at the larger number, the point at the smaller one. Equal numbers take an"
                        + " equals sign.",
                "Read it from left to right and begin with “" + num(a).replace("{,}", ",") + " is …”.");
    }

    /** Why the two compare as they do: the first place from the left where they differ. */
    private static String deciding(int a, int b) {
        String one = String.valueOf(a);
        String two = String.valueOf(b);
        for (int i = 0; i < one.length(); i++) {
            if (one.charAt(i) != two.charAt(i)) {
                return "From the left, the first place where they differ is that of the "
                        + PLACES.get(one.length() - 1 - i) + ": " + one.charAt(i) + " and " + two.charAt(i) + ".";
            }
        }
        return "All places agree.";
    }

    private static Part sign(int a, int b, String right) {
        Choices choices = Choices.right("$" + num(a) + " " + right + " " + num(b) + "$");
        for (String other : List.of("<", ">", "=")) {
            choices.wrong(
                    "$" + num(a) + " " + other + " " + num(b) + "$",
                    "reversed",
                    a == b
                            ? "That sign says that one of them is larger. Is one?"
                            : other.equals("=")
                                    ? "That sign says that they are equal. Are they?"
                                    : "Read it aloud: the open side of the sign is at the larger number.");
        }
        Field field = choices.ordered("sign", "Sign", java.util.Comparator.naturalOrder());
        return new Part("Now with a sign.", List.of(field), new Layout.Stacked(), signHints(a));
    }
}
