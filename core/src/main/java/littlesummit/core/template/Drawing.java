package littlesummit.core.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Rational;

/** How a value is drawn: from a range, out of a few, from a list of words, or several at once. */
sealed interface Drawing {
    int MOST_VALUES = 100_000;
    int MOST_AT_ONCE = 20;

    /** Numbers from low to high, both included; {@code places} digits are shown of a decimal, −1 of others. */
    record Range(Formula low, Formula high, Optional<Formula> step, int places) implements Drawing {}

    record OneOf(List<Formula> values) implements Drawing {
        public OneOf {
            values = List.copyOf(values);
        }
    }

    record SomeWords(List<Texts> texts) implements Drawing {
        public SomeWords {
            texts = List.copyOf(texts);
        }
    }

    record FromList(String name, List<Word> words) implements Drawing {
        public FromList {
            words = List.copyOf(words);
        }
    }

    /** What one such thing costs, weighs and so on. */
    record Measure(String measure, Formula of) implements Drawing {}

    record Several(Formula count, boolean different, Range from) implements Drawing {}

    Pattern RANGE = Pattern.compile("(.+?)\\.\\.(.+?)(?: step (.+))?");
    Pattern SEVERAL = Pattern.compile("(.+?) (different )?from (.+\\.\\..+)");
    Pattern WORD = Pattern.compile("an? (?:word|name) from ([a-z-]+)");
    Pattern MEASURE = Pattern.compile("(price|mass|length|count) of ([a-z][A-Za-z0-9]*)");
    Pattern ONE_OF = Pattern.compile("one of (.+)");

    static Drawing read(Node node, Formula.Names names, WordLists lists) {
        if (node instanceof Node.Listing(List<Node> items, Place at)) {
            return new SomeWords(
                    items.stream().map(item -> Texts.read(item, names)).toList());
        }
        return read(Keys.scalar(node), names, lists);
    }

    private static Drawing read(Node.Scalar node, Formula.Names names, WordLists lists) {
        String text = node.text().strip();
        Matcher word = WORD.matcher(text);
        Matcher measure = MEASURE.matcher(text);
        Matcher oneOf = ONE_OF.matcher(text);
        Matcher several = SEVERAL.matcher(text);
        if (word.matches()) {
            return words(word.group(1), node.at(), lists);
        }
        if (measure.matches()) {
            return new Measure(measure.group(1), Formula.read(measure.group(2), node.at(), names));
        }
        if (oneOf.matches()) {
            return new OneOf(Commas.split(oneOf.group(1)).stream()
                    .map(part -> Formula.read(part, node.at(), names))
                    .toList());
        }
        if (several.matches()) {
            Range from = range(several.group(3), node.at(), names);
            return new Several(Formula.read(several.group(1), node.at(), names), several.group(2) != null, from);
        }
        return range(text, node.at(), names);
    }

    private static Drawing words(String name, Place at, WordLists lists) {
        List<Word> words = lists.lists().get(name);
        if (words == null) {
            throw new Refused(
                    at,
                    "There is no list of words called “" + name + "”. There are: "
                            + String.join(", ", lists.names().stream().sorted().toList()) + ".");
        }
        return new FromList(name, words);
    }

    private static Range range(String text, Place at, Formula.Names names) {
        Matcher range = RANGE.matcher(text);
        if (!range.matches()) {
            throw new Refused(
                    at,
                    "“" + text + "” says no numbers to draw from. Write a range such as 2..9 or 0.5..4 step 0.5,"
                            + " “one of 2, 3, 5”, “a word from goods”, “4 different from 1..9”, or a list of words.");
        }
        Optional<Formula> step = Optional.ofNullable(range.group(3)).map(s -> Formula.read(s, at, names));
        return new Range(
                Formula.read(range.group(1), at, names),
                Formula.read(range.group(2), at, names),
                step,
                Math.max(places(range.group(1)), places(range.group(3))));
    }

    /** How many digits after the point somebody has written; −1 for none. */
    private static int places(String number) {
        Matcher decimal = Pattern.compile("-?\\d*\\.(\\d+)").matcher(number == null ? "" : number.strip());
        return decimal.matches() ? decimal.group(1).length() : -1;
    }

    /** Draws; the numbers that were drawn before may stand in the formulas. */
    default Value draw(Evaluator evaluator, Picks picks) {
        return switch (this) {
            case Range range -> at(range, picks.pick(count(range, evaluator)), evaluator);
            case OneOf(List<Formula> values) -> evaluator.value(values.get(picks.pick(values.size())));
            case SomeWords(List<Texts> texts) ->
                new Value.Said(texts.get(picks.pick(texts.size())).write(evaluator));
            case FromList(String name, List<Word> words) -> new Value.Named(words.get(picks.pick(words.size())));
            case Measure(String measure, Formula of) -> measured(measure, of, evaluator, picks);
            case Several several -> several(several, evaluator, picks);
        };
    }

    private static Value measured(String measure, Formula of, Evaluator evaluator, Picks picks) {
        if (!(evaluator.value(of) instanceof Value.Named(Word word))
                || !word.ranges().containsKey(measure)) {
            throw new Unmade(of.at(), "Nobody has said what the " + measure + " of “" + of.text() + "” may be.");
        }
        Word.Range range = word.ranges().get(measure);
        int count = steps(range.low(), range.high(), range.step(), of.at());
        Rational value = range.low().plus(range.step().times(Rational.of(picks.pick(count))));
        return new Value.Number(value, range.step().isInteger() ? -1 : 2);
    }

    /** How many numbers there are at equal distances. */
    private static int steps(Rational low, Rational high, Rational step, Place at) {
        if (step.signum() <= 0 || high.compareTo(low) < 0) {
            throw new Unmade(at, "From " + low + " to " + high + " in steps of " + step + " there is no number.");
        }
        Rational count = Rational.of(high.minus(low).over(step).floor()).plus(Rational.ONE);
        if (count.compareTo(Rational.of(MOST_VALUES)) > 0) {
            throw new Unmade(at, "A range may hold " + MOST_VALUES + " numbers at most; this one holds " + count + ".");
        }
        return count.intValueExact();
    }

    /** The numbers of a range, counted from zero. */
    private static Value.Number at(Range range, int i, Evaluator evaluator) {
        Rational step = range.step().map(evaluator::number).orElse(Rational.ONE);
        Rational value = evaluator.number(range.low()).plus(step.times(Rational.of(i)));
        return new Value.Number(value, range.places());
    }

    private static int count(Range range, Evaluator evaluator) {
        return steps(
                evaluator.number(range.low()),
                evaluator.number(range.high()),
                range.step().map(evaluator::number).orElse(Rational.ONE),
                range.low().at());
    }

    private static Value several(Several several, Evaluator evaluator, Picks picks) {
        int wanted = new Arguments(List.of(evaluator.value(several.count()))).small(0, MOST_AT_ONCE);
        int count = count(several.from(), evaluator);
        if (several.different() && wanted > count) {
            throw new Unmade(several.count().at(), "There are not so many different numbers in the range.");
        }
        TreeSet<Integer> taken = new TreeSet<>();
        List<Value> values = new ArrayList<>();
        while (values.size() < wanted) {
            int next = picks.pick(several.different() ? count - taken.size() : count);
            if (several.different()) {
                for (int before : taken) {
                    next += before <= next ? 1 : 0;
                }
                taken.add(next);
            }
            values.add(at(several.from(), next, evaluator));
        }
        return new Value.Several(values);
    }
}
