package littlesummit.core.template;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Response;
import littlesummit.core.math.Reading;
import littlesummit.core.skill.Mistakes;

/** Reads the fields of a part: those to type in, those to draw in, and, by {@link ChoiceReader}, those to choose in. */
final class FieldReader {
    /** Kinds of answers that no machine judges. */
    private static final Set<String> READ = Set.of("words", "text");

    private static final int SHOWN = 60;
    private final Formula.Names names;

    FieldReader(Formula.Names names) {
        this.names = names;
    }

    /** A wrong answer of the document. */
    private record Wrong(Optional<Formula> when, Entry entry, String slip, Texts say, Place at) {}

    /**
     * @param field the document of the field
     * @param ofPart mistakes that stand beside the field instead of in it
     */
    Made<Field> read(Node field, List<Node> ofPart) {
        Keys keys = Keys.of(field, "A field");
        String kindName = keys.text("kind");
        if (kindName.equals("choice")) {
            ofPart.stream().findFirst().ifPresent(mistake -> {
                throw new Refused(mistake.at(), "In a choice each wrong option says itself what it stands for.");
            });
            Made<Field> choice = new ChoiceReader(names).read(keys);
            keys.end();
            return choice;
        }
        if (kindName.equals("order")) {
            Made<Field> order = new OrderReader(names).read(keys, ofPart);
            keys.end();
            return order;
        }
        if (READ.contains(kindName)) {
            ofPart.stream().findFirst().ifPresent(mistake -> {
                throw new Refused(mistake.at(), "A person reads the words of an answer: no mistake is known here.");
            });
            Made<Field> words = words(keys, kindName.equals("words"));
            keys.end();
            return words;
        }
        Kind kind = Kind.of(kindName)
                .filter(k -> k != Kind.CHOICE && k != Kind.WORDS)
                .orElseThrow(() -> new Refused(
                        keys.scalar("kind").at(),
                        kindName.equals("label")
                                ? "Places for labels stand in a part that lists its “labels”."
                                : "There is no kind of answer called “" + kindName + "”. There are: "
                                        + Arrays.stream(Kind.values())
                                                .map(Kind::code)
                                                .collect(Collectors.joining(", "))
                                        + ", text, order, label."));
        Form form = form(keys, kind);
        List<Node> mistakes = new ArrayList<>(keys.list("mistakes"));
        mistakes.addAll(ofPart);
        Made<Field> read =
                typed(keys, kind, form, mistakes.stream().map(this::wrong).toList());
        keys.end();
        return read;
    }

    /** Whether a person reads the answer to a field. */
    static boolean isRead(Node field) {
        return READ.contains(Keys.of(field, "A field").text("kind"));
    }

    /** Words that a person reads, to a picture on the page or alone. */
    private Made<Field> words(Keys keys, boolean isDrawn) {
        String id = keys.text("id");
        Texts label = Texts.read(keys.require("label"), names);
        Optional<Texts> wanted = keys.find("wanted").map(node -> Texts.read(node, names));
        Texts example = Texts.read(keys.require("entry"), names);
        return making -> {
            String name = label.write(making.evaluator());
            String right = example.write(making.evaluator());
            String form = wanted.map(text -> text.write(making.evaluator())).orElseGet(() -> Wanted.words(right));
            return isDrawn ? Field.inWords(id, name, form, right) : Field.said(id, name, form, right);
        };
    }

    private static Form form(Keys keys, Kind kind) {
        String name = keys.text("form", "any");
        return Form.of(name)
                .orElseThrow(() -> new Refused(
                        keys.scalar("form").at(),
                        "There is no form called “" + name + "”. For " + kind.code()
                                + " see the list in docs/grading.md; “any” takes every form."));
    }

    private Made<Field> typed(Keys keys, Kind kind, Form form, List<Wrong> wrongs) {
        String id = keys.text("id");
        Texts label = Texts.read(keys.require("label"), names);
        Entry answer = Entry.read(keys, "answer", names);
        String suffix = keys.text("suffix", "");
        Set<String> letters = keys.list("letters").stream()
                .map(node -> Keys.scalar(node).text())
                .collect(Collectors.toSet());
        Optional<Made<Response>> response = new ResponseReader(names).read(keys);
        Texts wanted = keys.find("wanted")
                .map(node -> Texts.read(node, names))
                .orElseGet(() -> response.isPresent() ? Texts.NONE : usual(keys, kind, form));
        Place at = keys.at();
        return making -> {
            Evaluator evaluator = making.evaluator();
            AnswerSpec plain = AnswerSpec.of(kind, form, answer.write(kind, form, evaluator))
                    .withSuffix(suffix);
            AnswerSpec spec = letters.isEmpty() ? plain : plain.withLetters(letters.toArray(String[]::new));
            mustBeRead(spec, at);
            Mistake[] mistakes = mistakes(wrongs, spec, evaluator);
            Field field = Field.typed(id, label.write(evaluator), wanted.write(evaluator), spec, mistakes);
            return response.map(r -> field.by(r.make(making))).orElse(field);
        };
    }

    private static void mustBeRead(AnswerSpec spec, Place at) {
        if (spec.read(spec.expected()) instanceof Reading.Stopped) {
            String shown =
                    spec.expected().length() > SHOWN ? spec.expected().substring(0, SHOWN) + "…" : spec.expected();
            throw new Unmade(at, "The answer “" + shown + "” cannot be read by its own field.");
        }
    }

    private Texts usual(Keys keys, Kind kind, Form form) {
        String words = Wanted.usual(kind, form)
                .orElseThrow(() -> new Refused(
                        keys.at(), "Say beside the field what form is wanted, such as “wanted: a whole number”."));
        return Texts.read(new Node.Scalar(words, keys.at()), names);
    }

    private Wrong wrong(Node node) {
        Keys keys = Keys.of(node, "A mistake");
        Optional<Formula> when =
                keys.find("when").map(n -> Formula.read(Keys.scalar(n), names).condition());
        Wrong wrong = new Wrong(
                when,
                Entry.read(keys, "value", names),
                keys.text("slip"),
                Texts.read(keys.require("say"), names),
                keys.at());
        keys.end();
        return wrong;
    }

    /** Those that lead somewhere else than to the right answer with the numbers of this item. */
    private static Mistake[] mistakes(List<Wrong> wrongs, AnswerSpec spec, Evaluator evaluator) {
        Mistakes mistakes = Mistakes.of(spec);
        for (Wrong wrong : wrongs) {
            if (wrong.when().map(evaluator::holds).orElse(true)) {
                entry(wrong, spec, evaluator)
                        .ifPresent(entry ->
                                mistakes.add(entry, wrong.slip(), wrong.say().write(evaluator)));
            }
        }
        return mistakes.list();
    }

    /** A slip that leads nowhere, such as a division by zero, is none. */
    private static Optional<String> entry(Wrong wrong, AnswerSpec spec, Evaluator evaluator) {
        try {
            return Optional.of(wrong.entry().write(spec.kind(), spec.form(), evaluator));
        } catch (Unmade nowhere) {
            return Optional.empty();
        }
    }
}
