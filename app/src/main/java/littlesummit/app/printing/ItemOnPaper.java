package littlesummit.app.printing;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Reader;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.item.WorkedStep;
import org.openpdf.text.Element;
import org.openpdf.text.Paragraph;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;

/** One item as it stands on paper: what is asked, where to answer, room for work; or its key. */
final class ItemOnPaper {
    private static final float SIZE = 11;
    private static final float SMALL = 9;
    private static final float WORK_PT = 120;
    private static final String BLANK = "__________";
    private final Typesetter type;
    private final PdfPCell cell = new PdfPCell();

    private ItemOnPaper(Typesetter type) {
        this.type = type;
        cell.setBorder(PdfPCell.NO_BORDER);
        cell.setPaddingBottom(10);
    }

    /** The item, with a box for work below it. */
    static PdfPTable sheet(int number, Item item, Typesetter type) {
        ItemOnPaper paper = new ItemOnPaper(type);
        paper.line(number + ".", SIZE, true);
        item.stem().forEach(paper::block);
        item.parts().forEach(paper::part);
        PdfPCell work = new PdfPCell(type.text("Work", SMALL, false));
        work.setFixedHeight(WORK_PT);
        work.setBorderColor(java.awt.Color.GRAY);
        return table(paper.cell, work);
    }

    /** The item's answers and every step to them. */
    static PdfPTable key(int number, Item item, Typesetter type) {
        ItemOnPaper paper = new ItemOnPaper(type);
        paper.line(number + ".", SIZE, true);
        item.stem().forEach(paper::block);
        item.parts().forEach(part -> {
            paper.line(part.prompt(), SIZE, false);
            part.fields().forEach(field -> paper.line("Answer" + (part.fields().size() > 1 ? ", " + field.label() : "") + ": " + answer(field), SIZE, true));
        });
        item.worked().forEach(paper::step);
        return table(paper.cell);
    }

    private static PdfPTable table(PdfPCell... cells) {
        PdfPTable table = new PdfPTable(1);
        table.setWidthPercentage(100);
        table.setKeepTogether(true);
        table.setSpacingAfter(14);
        Arrays.stream(cells).forEach(table::addCell);
        return table;
    }

    private void line(String text, float size, boolean heavy) {
        Paragraph paragraph = new Paragraph(type.text(text, size, heavy));
        paragraph.setSpacingAfter(3);
        cell.addElement(paragraph);
    }

    private void add(Element element) {
        cell.addElement(element);
    }

    private void step(WorkedStep step) {
        line("– " + step.say() + (step.math().isEmpty() ? "" : "  $" + step.math() + "$"), SMALL + 1, false);
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
        PdfPTable table = new PdfPTable(head.size());
        table.setWidthPercentage(70);
        table.setHorizontalAlignment(Element.ALIGN_LEFT);
        table.setSpacingBefore(4);
        head.forEach(text -> table.addCell(new PdfPCell(type.text(text, SMALL + 1, true))));
        rows.forEach(row -> row.forEach(text -> table.addCell(new PdfPCell(type.text(blanked(text), SMALL + 1, false)))));
        return table;
    }

    private static String blanked(String template) {
        return template.replaceAll("\\{\\{\\w+}}", BLANK);
    }

    private void part(Part part) {
        line(part.prompt(), SIZE, false);
        switch (part.layout()) {
            case Layout.Stacked s -> part.fields().forEach(field -> place(field, part.fields().size() > 1));
            case Layout.InSentence(String template) -> {
                line(blanked(template), SIZE, false);
                part.fields().forEach(this::options);
            }
            case Layout.InFormula(String template) -> line("$" + template.replaceAll("\\{\\{\\w+}}", "\\\\fbox{\\\\phantom{00000}}") + "$", SIZE + 1, false);
            case Layout.InTable(List<String> head, List<List<String>> rows, boolean sums) -> add(table(head, rows));
            case Layout.OnFigure(Figure figure) -> {
                add(type.figure(figure));
                part.fields().stream().findFirst().ifPresent(this::options);
            }
        }
        part.fields().stream().map(Field::wanted).filter(w -> !w.isEmpty()).distinct().forEach(wanted -> line("Wanted: " + wanted, SMALL, false));
    }

    private void place(Field field, boolean named) {
        switch (field.response()) {
            case Response.Typed t -> line((named ? field.label() : "Answer") + ": " + BLANK + BLANK + " " + field.answer().suffix(), SIZE, false);
            case Response.InkWords i -> line((named ? field.label() : "Answer") + ": ", SIZE, false);
            case Response.Shade(Figure.FractionPicture picture) -> add(type.figure(picture));
            case Response.PlotPoint(Figure.Grid grid) -> add(type.figure(grid));
            case Response.PlotLine(Figure.Grid grid) -> add(type.figure(grid));
            case Response.SelectShapes(Figure.Shapes shapes) -> add(type.figure(shapes));
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

    private void options(Field field) {
        for (Option option : field.response().options()) {
            line("O  " + option.text(), SIZE, false);
            option.figure().ifPresent(figure -> add(type.figure(figure)));
        }
    }

    /** The right answer as it is read. */
    private static String answer(Field field) {
        AnswerSpec spec = field.answer();
        if (spec.kind() == Kind.CHOICE) {
            List<String> right = Arrays.stream(spec.expected().split(",")).map(String::strip).toList();
            List<String> texts = right.stream().map(id -> named(field, id).orElse(id)).toList();
            return String.join("; ", texts);
        }
        return "$" + Reader.read(spec.key(), spec.syntax()).latex() + "$ " + spec.suffix();
    }

    private static Optional<String> named(Field field, String id) {
        return field.response().options().stream().filter(o -> o.id().equals(id)).findFirst().map(o -> o.figure().map(Figure::alt).orElse(o.text()));
    }
}
