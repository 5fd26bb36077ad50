package littlesummit.app.exchange.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import littlesummit.app.exchange.ChosenItems;
import littlesummit.app.printing.KeyText;
import littlesummit.core.figure.Scene;
import littlesummit.core.figure.Scenes;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.item.WorkedStep;

/** Items as one document: first what is asked, skill by skill, then hints, answers and worked steps. */
final class ItemPages {
    private static final String PLACE = "\\{\\{\\w+}}";
    private final Language language;
    private final StringBuilder body = new StringBuilder();
    private final Map<String, Scene> pictures = new LinkedHashMap<>();
    private final Map<Scene, String> known = new HashMap<>();

    private ItemPages(Language language) {
        this.language = language;
    }

    /**
     * @param text of the document
     * @param pictures by the name of their file, without its ending
     */
    record Pages(String text, Map<String, Scene> pictures) {}

    static Pages write(String title, List<ChosenItems.Section> sections, Language language) {
        ItemPages pages = new ItemPages(language);
        sections.forEach(section -> {
            pages.heading(2, section.name());
            pages.each(section.items(), pages::asked);
        });
        sections.forEach(section -> {
            pages.heading(2, "Solutions: " + section.name());
            pages.each(section.items(), pages::solved);
        });
        return new Pages(language.document(title, pages.body.toString()), pages.pictures);
    }

    private interface Written {
        void item(Item item);
    }

    private void each(List<Item> items, Written written) {
        for (int i = 0; i < items.size(); i++) {
            heading(3, "Item " + (i + 1) + ", level " + items.get(i).ref().tier());
            written.item(items.get(i));
        }
    }

    private void heading(int level, String text) {
        body.append(language.heading(level, text));
    }

    private void paragraph(String ours) {
        body.append(language.paragraph(ours));
    }

    /** A line in which places to answer are blank. */
    private void withBlanks(String template) {
        body.append(template(template)).append("\n\n");
    }

    private String template(String template) {
        List<String> pieces = new ArrayList<>();
        for (String piece : template.split(PLACE, -1)) {
            pieces.add(piece.isEmpty() ? "" : language.text(piece));
        }
        return String.join(language.blank(), pieces);
    }

    private void asked(Item item) {
        item.stem().forEach(this::block);
        if (item.calculator()) {
            paragraph("A calculator is allowed.");
        }
        item.parts().forEach(this::part);
    }

    private void block(Block block) {
        switch (block) {
            case Block.Text(String text) -> paragraph(text);
            case Block.Formula(String latex) -> body.append(language.formula(latex));
            case Block.Table(List<String> head, List<List<String>> rows) -> table(head, rows);
            case Block.Picture(Figure figure) -> picture(figure);
        }
    }

    /** A place in a cell is left empty. */
    private void table(List<String> head, List<List<String>> rows) {
        body.append(language.table(
                head,
                rows.stream()
                        .map(row -> row.stream()
                                .map(cell -> cell.replaceAll(PLACE, ""))
                                .toList())
                        .toList()));
    }

    private void picture(Figure figure) {
        Scene scene = Scenes.of(figure);
        String file = known.computeIfAbsent(scene, s -> "pictures/" + (known.size() + 1));
        pictures.put(file, scene);
        body.append(language.picture(file, scene.alt()));
    }

    private void part(Part part) {
        paragraph(part.prompt());
        switch (part.layout()) {
            case Layout.Stacked s ->
                part.fields().forEach(field -> place(field, part.fields().size() > 1));
            case Layout.InSentence(String template) -> {
                withBlanks(template);
                choices(part);
            }
            case Layout.InFormula(String template) -> {
                String blank = language.blankInFormula().replace("\\", "\\\\");
                body.append(language.formula(template.replaceAll(PLACE, blank)));
                choices(part);
            }
            case Layout.InTable(List<String> head, List<List<String>> rows, boolean sums) -> {
                table(head, rows);
                choices(part);
            }
            case Layout.OnFigure(Figure figure) -> {
                picture(figure);
                choices(part);
            }
        }
        part.fields().stream()
                .map(Field::wanted)
                .filter(wanted -> !wanted.isEmpty())
                .distinct()
                .forEach(wanted -> paragraph("Wanted: " + wanted));
    }

    private void place(Field field, boolean named) {
        String name = (named ? field.label() : "Answer") + ": ";
        switch (field.response()) {
            case Response.Typed t -> answer(name, field.answer().suffix());
            case Response.InkWords i -> answer("A picture, and in words: ", "");
            case Response.Said s -> answer("In words: ", "");
            case Response.Shade(Figure.FractionPicture figure) -> picture(figure);
            case Response.PlotPoint(Figure.Grid figure) -> picture(figure);
            case Response.PlotLine(Figure.Grid figure) -> picture(figure);
            case Response.SelectShapes(Figure.Shapes figure) -> picture(figure);
            case Response.MarkOnLine(Figure.NumberLine line) -> picture(line);
            case Response.RayOnLine(Figure.NumberLine line, String letter) -> picture(line);
            case Response.WriteInColumns columns -> {
                body.append(language.columns(below(columns)));
                answer(name, "");
            }
            case Response.LayUnits(Figure.Measured object) -> {
                picture(object);
                answer(name, field.answer().suffix());
            }
            case Response.PutInOrder o -> {
                options(field);
                answer("In order: ", "");
            }
            case Response.ChooseOne c -> options(field);
            case Response.ChooseAll c -> options(field);
            case Response.PickFromList p -> options(field);
            case Response.DropLabel d -> options(field);
        }
    }

    private void answer(String before, String behind) {
        body.append(language.text(before))
                .append(language.blank())
                .append(behind.isEmpty() ? "" : " " + language.text(behind))
                .append("\n\n");
    }

    private static List<String> below(Response.WriteInColumns columns) {
        List<List<String>> rows = columns.rows();
        return rows.stream()
                .map(row -> (row == rows.getLast() ? columns.sign() : " ")
                        + row.stream()
                                .map(digit -> " " + (digit.isEmpty() ? " " : digit))
                                .collect(Collectors.joining()))
                .toList();
    }

    /** The lists that places of a part are filled from, each once. */
    private void choices(Part part) {
        Set<List<Option>> seen = new HashSet<>();
        part.fields().stream()
                .filter(field -> !field.response().options().isEmpty())
                .filter(field -> seen.add(field.response().options()))
                .forEach(this::options);
    }

    private void options(Field field) {
        List<Option> options = field.response().options();
        if (field.response() instanceof Response.DropLabel) {
            paragraph("Write one of these in each place: "
                    + options.stream().map(Option::text).collect(Collectors.joining("; ")));
        } else if (options.stream().noneMatch(option -> option.figure().isPresent())) {
            body.append(language.list(options.stream()
                    .map(option -> KeyText.letter(field, option.id()) + ")  " + option.text())
                    .toList()));
        } else {
            options.forEach(option -> {
                paragraph(KeyText.letter(field, option.id()) + ")  "
                        + (option.figure().isPresent() ? "" : option.text()));
                option.figure().ifPresent(this::picture);
            });
        }
    }

    private void solved(Item item) {
        for (Part part : item.parts()) {
            for (Field field : part.fields()) {
                String name = part.fields().size() > 1 ? field.label() : part.prompt();
                paragraph(name + " Answer: " + KeyText.of(field));
            }
        }
        body.append(language.list(item.worked().stream().map(ItemPages::said).toList()));
        List<String> hints =
                item.parts().stream().flatMap(part -> part.hints().stream()).toList();
        if (!hints.isEmpty()) {
            paragraph("Hints:");
            body.append(language.list(hints));
        }
        item.second().ifPresent(second -> {
            paragraph(second.title());
            second.blocks().forEach(this::block);
        });
    }

    private static String said(WorkedStep step) {
        return step.say() + (step.math().isEmpty() ? "" : "  $" + step.math() + "$");
    }
}
