package littlesummit.content.code.measure;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** Lengths that are read from the marks of a strip, without laying anything. */
final class ReadLengths {
    private static final String WHOLE = "a whole number";

    private ReadLengths() {}

    static Item broken(ItemRef ref, String frame, Draw draw) {
        Strip strip = Strip.drawn(draw, draw.between(2, 7), 4, 9);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(strip.length()));
        return Items.of(ref)
                .text("Over a strip that is marked in " + strip.units() + " lies a " + strip.object() + ". " + frame)
                .picture(strip.figure())
                .part(Part.of(
                        "How long is the " + strip.object() + "?",
                        Field.typed(
                                "length",
                                "Length in " + strip.units(),
                                WHOLE,
                                answer,
                                LaidUnits.counting(strip, answer).list()),
                        "At which mark does it begin, and at which does it end?",
                        "A length is what lies between two marks. It is the same wherever the strip begins.",
                        "It begins at mark " + strip.start() + ". How many spaces is it from there to its end?"))
                .step(
                        "From mark " + strip.start() + " to mark " + strip.end() + ": take the first from the second.",
                        strip.end() + " - " + strip.start())
                .step("That many " + strip.units() + " long it is.", String.valueOf(strip.length()))
                .given(strip.end() + "-" + strip.start())
                .build();
    }

    static Item difference(ItemRef ref, String frame, Draw draw) {
        Strip longer = Strip.drawn(draw, draw.between(0, 2), 7, 10);
        Strip second;
        do {
            second = Strip.drawn(draw, draw.between(1, 6), 3, 6);
        } while (second.object().equals(longer.object()) || second.start() == longer.start());
        Strip shorter = new Strip(second.object(), longer.unit(), second.start(), second.halves());
        int key = longer.length() - shorter.length();
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(Math.abs(longer.end() - shorter.end())),
                        "ends-compared",
                        "It looks as if only the ends were compared. The two begin at different marks.")
                .add(String.valueOf(longer.length() + shorter.length()), "added", "That is how long both are together.")
                .add(String.valueOf(key + 1), "marks-counted", "Count spaces, not marks.")
                .add(String.valueOf(longer.length()), "one-only", "That is the length of the " + longer.object() + ".");
        String work =
                "(" + longer.end() + " - " + longer.start() + ") - (" + shorter.end() + " - " + shorter.start() + ")";
        return Items.of(ref)
                .text(frame + " The marks are " + longer.units() + ".")
                .picture(longer.figure())
                .picture(shorter.figure())
                .part(Part.of(
                        "How many " + longer.units() + " longer is the " + longer.object() + " than the "
                                + shorter.object() + "?",
                        Field.typed("longer", "Longer by", WHOLE, answer, mistakes.list()),
                        "Do they begin at the same mark?",
                        "Find the length of each of them first, then compare the two lengths.",
                        "The " + longer.object() + " goes from mark " + longer.start() + " to mark " + longer.end()
                                + "."))
                .step("The length of each is end less beginning.", work)
                .step("These are the two lengths.", longer.length() + " - " + shorter.length())
                .step("That is how much longer it is.", String.valueOf(key))
                .given(work)
                .build();
    }

    static Item end(ItemRef ref, String frame, Draw draw) {
        Strip strip = Strip.drawn(draw, draw.between(2, 9), 4, 12);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(strip.end()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(strip.end() - 1),
                        "mark-counted",
                        "It looks as if the mark at the beginning was counted as one " + strip.unit() + ".")
                .add(String.valueOf(strip.length()), "from-zero", "That would be so if it began at 0.")
                .add(
                        String.valueOf(Math.abs(strip.length() - strip.start())),
                        "other-way",
                        "It goes on from its beginning towards larger numbers.");
        String sum = strip.start() + " + " + strip.length();
        return Items.of(ref)
                .text(frame.formatted(strip.object(), strip.many(strip.length()), strip.start()))
                .part(Part.of(
                        "At which mark does it end?",
                        Field.typed("end", "It ends at mark", WHOLE, answer, mistakes.list()),
                        "Where would a single " + strip.unit() + " end that begins there?",
                        "Every " + strip.unit() + " reaches from one mark to the next.",
                        "Begin at mark " + strip.start() + " and go on by " + strip.length() + " spaces."))
                .step("Go on from the beginning by its length.", sum)
                .step("Add.", String.valueOf(strip.end()))
                .given(sum)
                .build();
    }

    static Item halves(ItemRef ref, String frame, Draw draw) {
        Strip whole = Strip.drawn(draw, draw.between(1, 5), 3, 8);
        Strip strip = new Strip(whole.object(), whole.unit(), whole.start(), whole.halves() + 1);
        Rational length = Rational.of(strip.halves(), 2);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.ANY, strip.halves() + "/2");
        String ends = Tex.plain(Rational.of(2 * strip.end() + 1, 2));
        Mistakes mistakes = Mistakes.of(answer)
                .add(ends, "read-the-end", "That is where it ends. Where does the " + strip.object() + " begin?")
                .add(
                        Tex.plain(length.plus(Rational.ONE)),
                        "marks-counted",
                        "It looks as if the marks were counted. Count the spaces between them.")
                .add(
                        String.valueOf(strip.length()),
                        "half-left-out",
                        "It reaches beyond the last mark that it covers. By how much?")
                .add(
                        String.valueOf(strip.length() + 1),
                        "half-as-whole",
                        "The last " + strip.unit() + " is not covered as a whole.");
        return Items.of(ref)
                .text("The strip is marked in " + strip.units() + ", and over it lies a " + strip.object() + ". "
                        + frame)
                .picture(strip.figure())
                .part(Part.of(
                        "How long is the " + strip.object() + "?",
                        Field.typed(
                                "length",
                                "Length in " + strip.units(),
                                "a decimal number or a mixed number",
                                answer,
                                mistakes.list()),
                        "How many whole spaces does it cover, and what is left over?",
                        "Half of a space is 0.5 of a " + strip.unit()
                                + ". Whole spaces and halves are counted together.",
                        "It begins at mark " + strip.start() + ". Count the whole spaces first."))
                .step("It ends halfway to the next mark; take its beginning from that.", ends + " - " + strip.start())
                .step("Work it out.", Tex.plain(length))
                .given(ends + "-" + strip.start())
                .build();
    }
}
