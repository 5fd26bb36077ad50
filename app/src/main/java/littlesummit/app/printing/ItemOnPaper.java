package littlesummit.app.printing;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.item.Tables;
import org.openpdf.text.Element;
import org.openpdf.text.Paragraph;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;

/** One item as it stands on paper: what is asked, and where to answer. */
final class ItemOnPaper {
    static final float SIZE = 11;
    static final float SMALL = 9;
    /** Width of a picture to choose. */
    private static final double OPTION_PT = 130;

    private static final String BLANK = "__________";
    private final Typesetter type;
    private final PdfPCell cell = new PdfPCell();

    ItemOnPaper(Typesetter type) {
        this.type = type;
        cell.setBorder(PdfPCell.NO_BORDER);
        cell.setPadding(0);
        cell.setPaddingBottom(6);
    }

    /** The item, with room for work below it where the style gives some. */
    static PdfPTable sheet(int number, Item item, Typesetter type, PaperStyle style) {
        ItemOnPaper paper = new ItemOnPaper(type);
        paper.stem(number, item);
        item.parts().forEach(paper::part);
        PdfPTable table = new PdfPTable(1);
        table.addCell(paper.cell);
        WorkRoom.of(item, style, type).ifPresent(table::addCell);
        return table;
    }

    /** What is asked, without places to answer; the number stands before the first sentence. */
    PdfPCell stem(int number, Item item) {
        if (item.stem().getFirst() instanceof Block.Text(String text)) {
            Paragraph first = type.paragraph(text, SIZE, false);
            first.addFirst(type.text(number + ".  ", SIZE, true));
            cell.addElement(first);
            item.stem().stream().skip(1).forEach(this::block);
        } else {
            line(number + ".", SIZE, true);
            item.stem().forEach(this::block);
        }
        return cell;
    }

    private void line(String text, float size, boolean heavy) {
        cell.addElement(type.paragraph(text, size, heavy));
    }

    private void add(Element element) {
        cell.addElement(element);
    }

    private void block(Block block) {
        switch (block) {
            case Block.Text(String text) -> line(text, SIZE, false);
            case Block.Formula(String latex) -> line("$" + latex + "$", SIZE + 2, false);
            case Block.Table(List<String> head, List<List<String>> rows) -> add(table(head, rows));
            case Block.Picture(Figure figure) -> add(type.figure(figure));
        }
    }

    private PdfPTable table(List<String> head, List<List<String>> rows) {
        PdfPTable table = new PdfPTable(Tables.columns(head, rows));
        table.setWidthPercentage(type.isNarrow() ? 100 : 70);
        table.setHorizontalAlignment(Element.ALIGN_LEFT);
        table.setSpacingBefore(4);
        head.forEach(text -> table.addCell(new PdfPCell(type.text(text, SMALL + 1, true))));
        rows.forEach(
                row -> row.forEach(text -> table.addCell(new PdfPCell(type.text(blanked(text), SMALL + 1, false)))));
        return table;
    }

    private static String blanked(String template) {
        return template.replaceAll("\\{\\{\\w+}}", BLANK);
    }

    private void part(Part part) {
        line(part.prompt(), SIZE, false);
        switch (part.layout()) {
            case Layout.Stacked s ->
                part.fields().forEach(field -> place(field, part.fields().size() > 1));
            case Layout.InSentence(String template) -> {
                line(blanked(template), SIZE, false);
                choices(part);
            }
            case Layout.InFormula(String template) -> {
                line("$" + template.replaceAll("\\{\\{\\w+}}", "\\\\fbox{\\\\phantom{00000}}") + "$", SIZE + 1, false);
                choices(part);
            }
            case Layout.InTable(List<String> head, List<List<String>> rows, boolean sums) -> {
                add(table(head, rows));
                choices(part);
            }
            case Layout.OnFigure(Figure figure) -> {
                add(type.figure(figure));
                choices(part);
            }
        }
        wanted(part.fields()).forEach(wanted -> line("Wanted: " + wanted, SMALL, false));
    }

    /** Once where it is the same for all places, else place by place. */
    static List<String> wanted(List<Field> fields) {
        List<String> all = fields.stream()
                .map(Field::wanted)
                .filter(w -> !w.isEmpty())
                .distinct()
                .toList();
        return all.size() <= 1
                ? all
                : fields.stream()
                        .filter(field -> !field.wanted().isEmpty())
                        .map(field -> field.label() + ": " + field.wanted())
                        .toList();
    }

    /** The lists that places of a part are filled from, each once. */
    private void choices(Part part) {
        Set<List<Option>> seen = new HashSet<>();
        part.fields().stream()
                .filter(field -> seen.add(field.response().options()))
                .forEach(this::options);
    }

    private void place(Field field, boolean named) {
        switch (field.response()) {
            case Response.Typed t ->
                line(
                        (named ? field.label() : "Answer") + ": " + BLANK + BLANK + " "
                                + field.answer().suffix(),
                        SIZE,
                        false);
            case Response.InkWords i -> line((named ? field.label() : "Answer, and a picture") + ": ", SIZE, false);
            case Response.Said s -> line((named ? field.label() : "Answer in words") + ": ", SIZE, false);
            case Response.Shade(Figure.FractionPicture picture) -> add(type.figure(picture));
            case Response.PlotPoint(Figure.Grid grid) -> add(type.figure(grid));
            case Response.PlotLine(Figure.Grid grid) -> add(type.figure(grid));
            case Response.SelectShapes(Figure.Shapes shapes) -> add(type.figure(shapes));
            case Response.MarkOnLine(Figure.NumberLine line) -> {
                add(type.figure(line));
                line("Mark it on the line.", SMALL, false);
            }
            case Response.RayOnLine(Figure.NumberLine line, String letter) -> {
                add(type.figure(line));
                line("Draw it on the line, with its end open or filled.", SMALL, false);
            }
            case Response.WriteInColumns columns -> add(ColumnsOnPaper.of(columns, type));
            case Response.PutInOrder o -> {
                options(field);
                line("In order: " + BLANK + BLANK, SIZE, false);
            }
            case Response.LayUnits(Figure.Measured object) -> {
                add(type.figure(object));
                line((named ? field.label() : "Answer") + ": " + BLANK, SIZE, false);
            }
            case Response.ChooseOne c -> options(field);
            case Response.ChooseAll c -> options(field);
            case Response.PickFromList p -> options(field);
            case Response.DropLabel d -> options(field);
        }
    }

    /**
     * What there is to choose from, lettered; pictures stand side by side. Labels to be put somewhere are a list to
     * copy from.
     */
    private void options(Field field) {
        List<Option> options = field.response().options();
        if (field.response() instanceof Response.DropLabel) {
            line(
                    "Write one of these in each place: "
                            + options.stream().map(Option::text).collect(Collectors.joining("; ")),
                    SIZE,
                    false);
        } else if (options.stream().anyMatch(option -> option.figure().isPresent())) {
            add(pictures(field, options));
        } else {
            options.forEach(option -> line(mark(field, option) + "  " + option.text(), SIZE, false));
        }
    }

    private PdfPTable pictures(Field field, List<Option> options) {
        PdfPTable table = new PdfPTable(2);
        table.setWidthPercentage(100);
        for (Option option : options) {
            PdfPCell one = new PdfPCell();
            one.setBorder(PdfPCell.NO_BORDER);
            one.addElement(new Paragraph(type.text(
                    mark(field, option) + "  " + (option.figure().isPresent() ? "" : option.text()), SIZE, false)));
            option.figure()
                    .ifPresent(figure -> one.addElement(
                            type.figure(figure, Math.min(OPTION_PT * type.scale(), type.widest() / 2 - 12))));
            table.addCell(one);
        }
        table.getDefaultCell().setBorder(PdfPCell.NO_BORDER);
        table.completeRow();
        return table;
    }

    /** A ring where one is chosen, a box where several may be, and the letter that the key names. */
    private static String mark(Field field, Option option) {
        return (field.response() instanceof Response.ChooseAll ? "□ " : "○ ") + KeyText.letter(field, option.id());
    }
}
