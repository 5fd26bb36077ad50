package littlesummit.content.code.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Several masses side by side. */
final class MassOrder {
    private MassOrder() {}

    static Item things(ItemRef ref, String frame, Draw draw) {
        List<Thing> drawn = Thing.apart(4, draw);
        List<String> right = drawn.stream()
                .sorted(Comparator.comparingLong(Thing::about))
                .map(Thing::name)
                .toList();
        Choices choices = Choices.right(line(right));
        for (int i = 0; i < 3; i++) {
            choices.wrong(
                    line(swapped(right, i)),
                    "neighbours",
                    "Two that stand beside each other have to change places. Compare each with the next one.");
        }
        return Items.of(ref)
                .text(frame.formatted(Words.list(drawn.stream().map(Thing::name).toList())))
                .part(Part.of(
                        "Choose the order from light to heavy.",
                        choices.shuffled("order", "Order", draw),
                        "Which of them could you lift with one finger, and which not at all?",
                        "Think of a mass for each, in milligrams, grams, kilograms or tonnes.",
                        "Find the heaviest first, then the lightest."))
                .step(
                        "About: "
                                + Words.list(drawn.stream()
                                        .sorted(Comparator.comparingLong(Thing::about))
                                        .map(t -> t.name() + " " + Thing.said(t.about()))
                                        .toList())
                                + ".",
                        "")
                .step("So the order is: " + line(right) + ".", "")
                .build();
    }

    private static String line(List<String> names) {
        return String.join(", ", names);
    }

    private static List<String> swapped(List<String> names, int at) {
        List<String> other = new ArrayList<>(names);
        other.set(at, names.get(at + 1));
        other.set(at + 1, names.get(at));
        return other;
    }

    /** Each of the three units is the heaviest in a third of the items, whatever the numbers before it look like. */
    static Item heaviest(ItemRef ref, String frame, Draw draw) {
        MassUnit unit = draw.oneOf(MassUnit.GRAM, MassUnit.KILOGRAM, MassUnit.TONNE);
        int kilos = draw.between(3, 8);
        // What is heaviest lies more than half a kilogram above the full kilograms, the others below; tonnes have none.
        int whole = unit == MassUnit.TONNE ? kilos - 1 : kilos;
        String inKilograms =
                whole + "." + (unit == MassUnit.KILOGRAM ? draw.between(6, 9) : draw.between(1, 4)) + " kg";
        int hundreds = unit == MassUnit.GRAM ? draw.between(6, 9) : draw.between(1, 4);
        String inGrams = Words.tex(whole * 1000L + hundreds * 100 + 50).replace("{,}", ",") + " g";
        String inTonnes = "0.00" + kilos + " t";
        String few = draw.between(1, 9) * 10 + 900 + " g";
        String heaviest =
                switch (unit) {
                    case GRAM -> inGrams;
                    case TONNE -> inTonnes;
                    default -> inKilograms;
                };
        Choices choices = Choices.right(heaviest);
        for (String other : List.of(inKilograms, inGrams, few, inTonnes)) {
            if (!other.equals(heaviest)) {
                choices.wrong(other, "number-alone", "Say all of them in the same unit, and compare then.");
            }
        }
        return Items.of(ref)
                .text(frame)
                .part(Part.of(
                        "Which is the heaviest?",
                        choices.shuffled("heaviest", "The heaviest", draw),
                        "Are they given in the same unit?",
                        "1 t is 1,000 kg, and 1 kg is 1,000 g.",
                        "Say each of them in kilograms."))
                .step("1 t is 1,000 kg, and 1 kg is 1,000 g. Say all of them in kilograms.", "")
                .step("The heaviest is " + heaviest + ".", "")
                .build();
    }

    /** One sentence has a unit that is a thousand times too large or too small. */
    static Item slip(ItemRef ref, String frame, Draw draw) {
        List<Thing> things = Thing.apart(4, draw);
        Thing wrong = things.getFirst();
        boolean isUp = wrong.unit() == MassUnit.MILLIGRAM || wrong.unit() != MassUnit.TONNE && draw.coin();
        MassUnit other = MassUnit.values()[wrong.unit().ordinal() + (isUp ? 1 : -1)];
        int number = wrong.mass(draw);
        Choices choices = Choices.right(sentence(wrong, number + " " + other.sign()));
        things.stream()
                .skip(1)
                .forEach(thing -> choices.wrong(
                        sentence(thing, thing.mass(draw) + " " + thing.unit().sign()),
                        "plausible",
                        "That may be. Compare with a paper clip of 1 g, a bag of flour of 1 kg, a small car of 1 t."));
        return Items.of(ref)
                .text(frame.formatted(Words.name(draw)))
                .part(Part.of(
                        "Which sentence cannot be true?",
                        choices.shuffled("slip", "Sentence", draw),
                        "Imagine that you have to carry it.",
                        "A unit that is one too large or too small changes a mass 1,000 times.",
                        "Compare each with a paper clip of 1 g, a bag of flour of 1 kg, a small car of 1 t."))
                .step("This cannot be: " + sentence(wrong, number + " " + other.sign()), "")
                .step("It would be " + number + " " + wrong.unit().sign() + ".", "")
                .build();
    }

    private static String sentence(Thing thing, String mass) {
        String name = thing.name();
        return Character.toUpperCase(name.charAt(0)) + name.substring(1) + " weighs " + mass + ".";
    }
}
