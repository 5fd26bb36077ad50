package littlesummit.content.code.equation;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.content.code.Words;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/**
 * Somebody's lines under an equation, one of which does not follow; those after it follow from the wrong one.
 *
 * @param given the equation in LaTeX
 * @param entry the same in entry syntax
 * @param lines LaTeX, all different
 * @param wrong index of the first line that does not follow
 * @param rule what was overlooked, as a question or a rule; names no number of the answer
 * @param x the solution of the equation
 * @param right how it goes: a sentence and a line, in turn
 */
record WrongLine(
        String given, String entry, List<String> lines, int wrong, String rule, Rational x, List<String> right) {
    Item item(ItemRef ref, String frame, Draw draw) {
        Items item = Items.of(ref)
                .text(frame.formatted(Words.name(draw)))
                .formula(given)
                .part(which(draw))
                .part(solution());
        item.step("The line " + inText(lines.get(wrong)) + " does not follow. " + rule, "");
        for (int i = 0; i < right.size(); i += 2) {
            item.step(right.get(i), right.get(i + 1));
        }
        return item.given(entry).build();
    }

    /** Whether the numbers of the solution all stand in the lines or before them, where it could be taken from. */
    static boolean tell(List<String> lines, Rational x) {
        Set<String> numbers = NUMBER.matcher(String.join(" ", lines))
                .results()
                .map(MatchResult::group)
                .collect(Collectors.toSet());
        IntStream.rangeClosed(1, lines.size()).forEach(n -> numbers.add(String.valueOf(n)));
        return numbers.containsAll(
                NUMBER.matcher(x.toString()).results().map(MatchResult::group).toList());
    }

    private static final Pattern NUMBER = Pattern.compile("\\d+");

    private static String inText(String latex) {
        return "$" + latex + "$";
    }

    private String option(int i) {
        return "Line " + (i + 1) + ": " + inText(lines.get(i));
    }

    private Part which(Draw draw) {
        Choices choices = Choices.right(option(wrong));
        for (int i = 0; i < lines.size(); i++) {
            choices.wrong(
                    option(i),
                    i < wrong ? "line-stands" : "later-line",
                    i < wrong
                            ? "That line follows from the one above it. Go on to the next."
                            : "That line follows from the one above it, which is wrong already. Look farther up.");
        }
        return Part.of(
                "The lines are in order. Which is the first that does not follow from the one above it?",
                choices.ordered("line", "First wrong line", Comparator.naturalOrder()),
                "For each line ask: what was done on the left, and was the same done on the right?",
                "Put the $x$ of the last line into the equation. Then do the same one line lower, until a line holds.",
                "Begin with the first line and the equation above it: which step leads from one to the other?");
    }

    private Part solution() {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION_LOWEST, Linear.fraction(x));
        String last = lines.getLast().replace("x = ", "").replaceAll("\\\\frac\\{(\\d+)\\}\\{(\\d+)\\}", "$1/$2");
        Mistakes mistakes = Mistakes.of(answer)
                .add(last, "copied", "That is what stands there. It comes from the wrong line.")
                .add(Linear.fraction(x.negate()), "sign", "Look at the signs in your last step.");
        return Part.of(
                "What should have come out?",
                Field.typed("x", "x =", "a whole number or a fraction in lowest terms", answer, mistakes.list()),
                "Go back to the line above the wrong one and go on from there.",
                rule,
                "When you have an answer, put it into the equation: do both sides agree?");
    }
}
