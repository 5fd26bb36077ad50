package littlesummit.app.exchange.qti.in;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.app.exchange.qti.Names;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import org.w3c.dom.Element;

/**
 * Something to type. Our own packages say beside it what our grader compares; of others a number is taken.
 *
 * @param messages what is said of answers that are not right
 * @param wanted the form that is wanted, in words
 */
record TypedField(Element interaction, Map<String, String> messages, Optional<String> wanted) {
    private static final Set<Kind> NOT_TYPED = Set.of(Kind.CHOICE, Kind.WORDS);
    private static final int LONGEST = 30;

    private Optional<String> own(String name) {
        return Optional.of(interaction.getAttribute(Names.OWN + name)).filter(text -> !text.isBlank());
    }

    /** @return the field with its answer; with a remark, and for a reader, where that is compared letter by letter */
    Map<String, Object> add(Map<String, Object> field, String right, List<String> lost) {
        Optional<Kind> kind = own("kind").flatMap(Kind::of).filter(k -> !NOT_TYPED.contains(k));
        Optional<String> expected = own("expected");
        if (kind.isPresent() && expected.isPresent()) {
            exact(field, kind.get(), expected.get());
            return field;
        }
        String key = plain(right);
        if (!isNumber(key)) {
            lost.add("The answer “" + key + "” is compared letter by letter there; here a person reads it.");
            field.put("kind", "text");
            field.put("entry", RunningText.plain(key));
            return field;
        }
        field.put("kind", "number");
        field.put("form", "any");
        field.put("answer", key);
        mistakes(field, "value");
        return field;
    }

    private void exact(Map<String, Object> field, Kind kind, String expected) {
        field.put("kind", kind.code());
        field.put("form", own("form").flatMap(Form::of).map(Form::code).orElse("any"));
        field.put("wanted", wanted.orElse("as the item says"));
        field.put("entry", line(expected));
        own("suffix").ifPresent(suffix -> field.put("suffix", suffix));
        own("letters").ifPresent(letters -> field.put("letters", List.of(letters.split(" "))));
        mistakes(field, "entry");
    }

    private void mistakes(Map<String, Object> field, String key) {
        List<Map<String, Object>> mistakes = new ArrayList<>();
        messages.forEach((answer, message) -> {
            if (key.equals("entry") || isNumber(plain(answer))) {
                Map<String, Object> mistake = new LinkedHashMap<>();
                mistake.put(key, key.equals("entry") ? line(answer) : plain(answer));
                mistake.put("slip", "other-" + (mistakes.size() + 1));
                mistake.put("say", message);
                mistakes.add(mistake);
            }
        });
        if (!mistakes.isEmpty()) {
            field.put("mistakes", mistakes);
        }
    }

    /** Braces put values into a line of a document; a set is one without them, too. */
    private static String line(String entry) {
        return entry.replaceAll("[{}]", " ").strip();
    }

    private static String plain(String typed) {
        return typed.replace("−", "-");
    }

    private static boolean isNumber(String text) {
        try {
            return text.length() < LONGEST && new BigDecimal(text).scale() < LONGEST;
        } catch (NumberFormatException words) {
            return text.matches("-?\\d{1,12}/\\d{1,12}");
        }
    }
}
