package littlesummit.app.workbench.example;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Hints, messages and worked steps to begin with, from the formula alone. The author puts them into words that fit.
 *
 * @param letters of the numbers that vary, at least one
 */
record ExampleHelp(ExampleFormula formula, List<String> letters) {
    private static final int MOST_MISTAKES = 3;

    List<String> hints() {
        return List.of(
                "Which numbers are given, and what is asked?",
                "Write down what has to be done with them before you work anything out.",
                "Begin with $" + formula.firstStep().orElseGet(formula::written) + "$.");
    }

    /** What comes out when other things are done with the first two numbers, or when one step is left undone. */
    List<Map<String, Object>> mistakes() {
        List<Map<String, Object>> mistakes = new ArrayList<>();
        formula.firstStep()
                .ifPresent(
                        step -> mistakes.add(mistake(step, "one-step-left", "That is one step. What is left to do?")));
        if (letters.size() > 1) {
            String a = letters.get(0);
            String b = letters.get(1);
            mistakes.add(other(a + " + " + b, "added", "two numbers were added"));
            mistakes.add(other(a + " * " + b, "multiplied", "two numbers were multiplied"));
            mistakes.add(other("abs(" + a + " - " + b + ")", "subtracted", "one number was taken from the other"));
        } else {
            mistakes.add(mistake(letters.getFirst(), "as-given", "That is the number that was given. What is asked?"));
        }
        return mistakes.stream()
                .filter(mistake -> !mistake.get("value").equals(formula.written()))
                .limit(MOST_MISTAKES)
                .toList();
    }

    private static Map<String, Object> other(String value, String slip, String what) {
        return mistake(value, slip, "It looks as if " + what + ". Is that what happens here?");
    }

    private static Map<String, Object> mistake(String value, String slip, String say) {
        Map<String, Object> mistake = new LinkedHashMap<>();
        mistake.put("value", value);
        mistake.put("slip", slip);
        mistake.put("say", say);
        return mistake;
    }

    List<Map<String, Object>> worked() {
        List<Map<String, Object>> steps = new ArrayList<>();
        steps.add(step("This is what has to be done:", formula.written()));
        formula.firstStep()
                .ifPresent(first -> steps.add(
                        step("Do the first step.", formula.written().replace(first, "value(" + first + ")"))));
        steps.add(step("Work it out.", "value(" + formula.written() + ")"));
        return steps;
    }

    private static Map<String, Object> step(String say, String math) {
        Map<String, Object> step = new LinkedHashMap<>();
        step.put("say", say);
        step.put("math", math);
        return step;
    }
}
