package littlesummit.content.code;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Field;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Mistakes;

/** Builds a choice of which several options are right; each wrong one knows its slip. */
public final class SeveralRight {
    private static final List<String> IDS = List.of("a", "b", "c", "d", "e", "f", "g", "h");
    private final List<String> right;
    private final List<Wrong> wrong = new ArrayList<>();

    private record Wrong(String text, String slip, String message) {}

    private SeveralRight(List<String> right) {
        this.right = List.copyOf(right);
    }

    public static SeveralRight of(List<String> right) {
        return new SeveralRight(right);
    }

    public SeveralRight wrong(String text, String slip, String message) {
        wrong.add(new Wrong(text, slip, message));
        return this;
    }

    /** @param missed said when one of the right options was left out */
    public Field field(String id, String label, String missed, Draw draw) {
        List<String> ids = IDS.subList(0, right.size() + wrong.size());
        List<String> texts = draw.shuffled(
                Stream.concat(right.stream(), wrong.stream().map(Wrong::text)).toList());
        List<Option> options = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            options.add(Option.of(ids.get(i), texts.get(i)));
        }
        List<String> keys = ids.stream()
                .filter(i -> right.contains(texts.get(ids.indexOf(i))))
                .toList();
        AnswerSpec answer = AnswerSpec.choice(String.join(",", keys), ids);
        Mistakes mistakes = Mistakes.of(answer);
        for (Wrong w : wrong) {
            String wrongId = ids.get(texts.indexOf(w.text()));
            mistakes.add(
                    Stream.concat(keys.stream(), Stream.of(wrongId)).sorted().collect(Collectors.joining(",")),
                    w.slip(),
                    w.message());
        }
        for (String key : keys) {
            String others = keys.stream().filter(k -> !k.equals(key)).collect(Collectors.joining(","));
            mistakes.addIf(!others.isEmpty(), others, "missed-one", missed);
        }
        return new Field(id, label, "", new Response.ChooseAll(options), answer, List.of(mistakes.list()));
    }
}
