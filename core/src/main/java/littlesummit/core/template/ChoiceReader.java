package littlesummit.core.template;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.template.OptionReader.Offered;

/** Reads a field to choose in: its options, which of them are right, and in what order they stand. */
final class ChoiceReader {
    private final Formula.Names names;

    ChoiceReader(Formula.Names names) {
        this.names = names;
    }

    Made<Field> read(Keys keys) {
        String as = keys.text("as", "one");
        if (!Set.of("one", "several", "list", "shapes").contains(as)) {
            throw new Refused(keys.at(), "A choice is made as one, several, list or shapes.");
        }
        List<Node> options = keys.list("options");
        if (options.size() < 2 || options.size() > Option.IDS.size()) {
            throw new Refused(keys.at(), "A choice has from 2 to " + Option.IDS.size() + " options.");
        }
        Made<List<Offered>> offered = new OptionReader(names, as.equals("shapes")).read(options);
        return as.equals("shapes") ? inPicture(keys, offered) : listed(keys, as, offered);
    }

    private Made<Field> listed(Keys keys, String as, Made<List<Offered>> options) {
        String id = keys.text("id");
        Texts label = Texts.read(keys.require("label"), names);
        boolean given = isGiven(keys);
        Texts missed = missed(keys);
        Place at = keys.at();
        return making -> {
            List<Offered> offered = options.make(making);
            long right = offered.stream().filter(Offered::right).count();
            if (as.equals("several") ? right == 0 : right != 1) {
                throw new Unmade(at, right == 0 ? "No option is right." : right + " options are right.");
            }
            List<String> ids = Option.IDS.subList(0, offered.size());
            return field(
                    id,
                    label.write(making.evaluator()),
                    offered,
                    given ? ids : making.shuffles().shuffled(ids),
                    as,
                    missed.write(making.evaluator()));
        };
    }

    /** Whether the options stand in the order of the document. */
    private static boolean isGiven(Keys keys) {
        String order = keys.text("order", "shuffled");
        if (!Set.of("shuffled", "given").contains(order)) {
            throw new Refused(keys.at(), "The order of the options is either shuffled or given.");
        }
        return order.equals("given");
    }

    private Texts missed(Keys keys) {
        return keys.find("missed").map(n -> Texts.read(n, names)).orElse(Texts.NONE);
    }

    /** Each shape of the picture is one of the options. Shuffled, they get letters for their names in the document. */
    private Made<Field> inPicture(Keys keys, Made<List<Offered>> options) {
        String id = keys.text("id");
        Texts label = Texts.read(keys.require("label"), names);
        Made<Figure> picture = new FigureReader(names).read(keys.require("shapes"));
        boolean given = isGiven(keys);
        Texts missed = missed(keys);
        Place at = keys.at();
        return making -> {
            if (!(picture.make(making) instanceof Figure.Shapes shapes)) {
                throw new Unmade(at, "Shapes are chosen in a figure of polygons.");
            }
            List<Offered> offered = options.make(making);
            List<String> ids = offered.stream().map(Offered::shape).toList();
            List<String> drawn =
                    shapes.items().stream().map(Figure.Polygon::id).sorted().toList();
            if (!drawn.equals(ids.stream().sorted().toList())) {
                throw new Unmade(at, "The options are " + ids + ", and the shapes of the picture " + drawn + ".");
            }
            if (offered.stream().noneMatch(Offered::right)) {
                throw new Unmade(at, "No shape is right.");
            }
            List<String> letters = given ? ids : making.shuffles().shuffled(Option.IDS.subList(0, ids.size()));
            String said = missed.write(making.evaluator());
            return field(id, label.write(making.evaluator()), offered, letters, "several", said)
                    .by(new Response.SelectShapes(given ? shapes : lettered(shapes, ids, letters)));
        };
    }

    private static Figure.Shapes lettered(Figure.Shapes shapes, List<String> ids, List<String> letters) {
        return new Figure.Shapes(
                shapes.alt(),
                shapes.items().stream()
                        .map(shape -> shape.called(letters.get(ids.indexOf(shape.id()))))
                        .sorted(Comparator.comparing(Figure.Polygon::id))
                        .toList());
    }

    private static Field field(
            String id, String label, List<Offered> offered, List<String> ids, String as, String missed) {
        List<Option> options = new ArrayList<>();
        List<Mistake> mistakes = new ArrayList<>();
        List<String> right = new ArrayList<>();
        for (int i = 0; i < offered.size(); i++) {
            Offered one = offered.get(i);
            options.add(new Option(ids.get(i), one.text(), one.figure()));
            if (one.right()) {
                right.add(ids.get(i));
            } else {
                mistakes.add(new Mistake(ids.get(i), one.slip(), one.say()));
            }
        }
        options.sort(Comparator.comparing(Option::id));
        if (as.equals("several")) {
            return several(id, label, options, right, mistakes, missed);
        }
        Field field = Field.choice(id, label, options, right.getFirst(), mistakes.toArray(Mistake[]::new));
        return as.equals("list") ? field.by(new Response.PickFromList(options)) : field;
    }

    /** A wrong one among the right ones is the mistake of that one; a right one that is missing is said in one way. */
    private static Field several(
            String id, String label, List<Option> options, List<String> right, List<Mistake> wrong, String missed) {
        List<String> ids = options.stream().map(Option::id).toList();
        List<String> keys = right.stream().sorted().toList();
        AnswerSpec answer = AnswerSpec.choice(String.join(",", keys), ids);
        Mistakes mistakes = Mistakes.of(answer);
        for (Mistake one : wrong) {
            String all = Stream.concat(keys.stream(), Stream.of(one.entry()))
                    .sorted()
                    .collect(Collectors.joining(","));
            mistakes.add(all, one.slip(), one.message());
        }
        for (String key : keys) {
            String others = keys.stream().filter(k -> !k.equals(key)).collect(Collectors.joining(","));
            mistakes.addIf(!others.isEmpty() && !missed.isEmpty(), others, "missed-one", missed);
        }
        return new Field(id, label, "", new Response.ChooseAll(options), answer, List.of(mistakes.list()));
    }
}
