package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Syntax;
import littlesummit.core.proof.OptionLaw;

/** What holds for any item that a generator makes, whatever its skill. */
final class ItemLaws {
    private static final Syntax LINE = Syntax.line(Set.of(
            "a", "b", "c", "g", "h", "k", "l", "m", "n", "p", "r", "s", "t", "u", "v", "w", "x", "y", "z", "A", "P"));

    private ItemLaws() {}

    /** @param at names the item in a failure */
    static void check(Item item, String at) {
        for (Part part : item.parts()) {
            assertEquals(3, part.hints().size(), at);
            part.fields().forEach(f -> check(f, at + " field " + f.id()));
        }
        workedStepsAreRead(item, at);
        textsAreWellFormed(item, at);
    }

    private static void check(Field field, String at) {
        assertEquals(
                Verdict.CORRECT, Grader.grade(field.answer(), field.answer().key()), at);
        assertTrue(
                !(field.response() instanceof Response.Typed) || !field.wanted().isBlank(),
                () -> at + " does not say its form");
        assertFalse(field.label().contains("$"), () -> at + " is labelled " + field.label());
        field.mistakes().forEach(m -> mistakeIsReadAndNotCorrect(field, m, at));
        optionsDifferAndOneIsRight(field, at);
        assertEquals(Optional.empty(), OptionLaw.asRight(field), at);
        assertTrue(
                !field.label().toLowerCase(java.util.Locale.ROOT).startsWith("percent")
                        || field.answer().suffix().equals("%"),
                () -> at + " asks for a percent and shows no sign");
    }

    private static void mistakeIsReadAndNotCorrect(Field field, Mistake mistake, String at) {
        Verdict verdict = Grader.grade(field.answer(), mistake.entry());
        assertFalse(
                verdict instanceof Verdict.Correct || verdict instanceof Verdict.Unreadable,
                () -> at + ": " + mistake + " is " + verdict);
        boolean longKey = field.answer().kind() != Kind.CHOICE
                && field.answer().expected().length() > 4;
        assertFalse(
                longKey && mistake.message().contains(field.answer().expected()),
                () -> at + " gives the answer away: " + mistake);
    }

    private static void optionsDifferAndOneIsRight(Field field, String at) {
        if (field.response() instanceof Response.ChooseOne(var options)) {
            Set<String> texts = new HashSet<>();
            options.forEach(o -> assertTrue(texts.add(o.text() + o.figure()), () -> at + " twice: " + o));
            assertTrue(
                    options.stream().anyMatch(o -> o.id().equals(field.answer().expected())), at);
        }
    }

    private static void workedStepsAreRead(Item item, String at) {
        assertTrue(item.worked().size() >= 2, at);
        item.worked().stream()
                .filter(s -> !s.math().isEmpty())
                .forEach(step -> assertTrue(
                        Parser.read(step.math(), LINE) instanceof Reading.Understood, () -> at + ": " + step.math()));
    }

    private static void textsAreWellFormed(Item item, String at) {
        String all = item.stem() + " " + item.parts().stream().map(Part::prompt).toList() + item.worked();
        long signs = all.replace("\\$", "").chars().filter(c -> c == '$').count();
        assertEquals(0, signs % 2, () -> at + ": unpaired $ in " + all);
        for (String bad : List.of("  ", "null", "-- ", "{{}}", " 1 parts", "Optional[")) {
            assertFalse(all.contains(bad), () -> at + ": \"" + bad + "\" in " + all);
        }
        assertFalse(
                all.matches("(?s).*(?<![\\d.,])1 (metres|litres|hours|minutes|kilometres)\\b.*"),
                () -> at + ": one of many in " + all);
    }
}
