package littlesummit.app.printing;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Reader;
import littlesummit.core.item.Field;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;

/** Keys as a reader sees them, with LaTeX between $ signs. */
public final class KeyText {
    private KeyText() {}

    /** The letter that an option has on paper, from A on. */
    public static char letter(Field field, String id) {
        return (char) ('A'
                + field.response().options().stream().map(Option::id).toList().indexOf(id));
    }

    /** The right answer as it is read; options by their letter, with their text where they have one. */
    public static String of(Field field) {
        AnswerSpec spec = field.answer();
        if (spec.kind() == Kind.CHOICE) {
            return Arrays.stream(spec.expected().split(","))
                    .map(String::strip)
                    .map(id -> named(field, id))
                    .collect(Collectors.joining("; "));
        }
        if (spec.kind() == Kind.WORDS) {
            return "for example: " + spec.key();
        }
        String latex = Reader.read(spec.key(), spec).latex();
        String suffix = latex.replace("\\", "").endsWith(spec.suffix()) ? "" : " " + spec.suffix();
        return "$" + latex + "$" + suffix;
    }

    private static String named(Field field, String id) {
        Optional<Option> option = field.response().options().stream()
                .filter(o -> o.id().equals(id))
                .findFirst();
        boolean lettered = option.isPresent() && !(field.response() instanceof Response.DropLabel);
        String text = option.map(o -> o.figure().isPresent() ? "" : o.text()).orElse(id);
        return lettered ? (letter(field, id) + "  " + text).strip() : text;
    }
}
