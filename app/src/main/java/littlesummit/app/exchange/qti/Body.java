package littlesummit.app.exchange.qti;

import java.util.List;
import java.util.function.BiConsumer;
import littlesummit.app.exchange.xml.Node;
import littlesummit.core.figure.Scene;
import littlesummit.core.figure.Scenes;
import littlesummit.core.figure.Spot;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.item.WorkedStep;

/** What is read of an item: stem, parts with their places to answer, hints, and the solution for who marks it. */
final class Body {
    private final Pictures pictures;
    private final Interactions interactions;

    Body(Pictures pictures) {
        this.pictures = pictures;
        interactions = new Interactions(pictures);
    }

    void write(Node assessment, Item item, List<List<Question>> parts) {
        Node body = assessment.child("qti-item-body");
        item.stem().forEach(block -> block(body, block));
        if (item.calculator()) {
            body.leaf("p", "A calculator is allowed.");
        }
        for (int i = 0; i < parts.size(); i++) {
            part(body.child("div"), item.parts().get(i), parts.get(i));
            hints(body, item.parts().get(i), Processing.hints(i));
        }
        solution(body, item);
    }

    private void block(Node parent, Block block) {
        switch (block) {
            case Block.Text(String text) -> Texts.write(parent.child("p"), text);
            case Block.Formula(String latex) -> MathMl.write(parent.child("p"), latex);
            case Block.Table(List<String> head, List<List<String>> rows) ->
                table(parent, head, rows, (cell, id) -> cell.text("…"));
            case Block.Picture(Figure figure) -> pictures.show(parent.child("p"), Scenes.of(figure));
        }
    }

    private static void table(Node parent, List<String> head, List<List<String>> rows, BiConsumer<Node, String> place) {
        Node table = parent.child("table");
        if (!head.isEmpty()) {
            Node top = table.child("thead").child("tr");
            head.forEach(text -> Texts.write(top.child("th"), text));
        }
        Node body = table.child("tbody");
        rows.forEach(row -> {
            Node line = body.child("tr");
            row.forEach(text -> Texts.write(line.child("td"), text, place));
        });
    }

    private void part(Node parent, Part part, List<Question> questions) {
        Texts.write(parent.child("p"), part.prompt());
        part.fields().stream()
                .map(Field::wanted)
                .filter(wanted -> !wanted.isEmpty())
                .distinct()
                .forEach(wanted -> Texts.write(parent.child("p"), "Wanted: " + wanted));
        Node room = questions.getFirst().isLabel() ? labels(parent, questions.getFirst()) : parent;
        BiConsumer<Node, String> place = (node, id) -> interactions.inline(node, require(questions, id));
        switch (part.layout()) {
            case Layout.Stacked s ->
                questions.forEach(question -> interactions.block(room, question, questions.size() > 1));
            case Layout.InSentence(String template) -> Texts.write(room.child("p"), template, place);
            case Layout.InFormula(String template) -> Texts.formula(room.child("p"), template, place);
            case Layout.InTable(List<String> head, List<List<String>> rows, boolean sums) ->
                table(room, head, rows, place);
            case Layout.OnFigure(Figure figure) -> onFigure(room, Scenes.of(figure), place);
        }
    }

    /** Labels to lay into the places of what follows; each may be laid more than once. */
    private static Node labels(Node parent, Question question) {
        Node gaps = parent.child("qti-gap-match-interaction")
                .with("response-identifier", question.response())
                .with("shuffle", false);
        question.field()
                .response()
                .options()
                .forEach(label -> Texts.write(
                        gaps.child("qti-gap-text")
                                .with("identifier", question.option(label.id()))
                                .with("match-max", 0),
                        label.text()));
        return gaps;
    }

    /** The picture with numbers in its places, and below it each number with its place to answer. */
    private void onFigure(Node parent, Scene scene, BiConsumer<Node, String> place) {
        pictures.show(parent.child("p"), scene);
        List<Spot> rooms = scene.spots().stream()
                .filter(spot -> spot.kind() == Spot.Kind.FIELD)
                .toList();
        for (int i = 0; i < rooms.size(); i++) {
            place.accept(
                    parent.child("p").text("Place " + (i + 1) + ": "),
                    rooms.get(i).id());
        }
    }

    private static Question require(List<Question> questions, String id) {
        return questions.stream()
                .filter(question -> question.field().id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no field " + id));
    }

    private static void hints(Node body, Part part, String id) {
        if (!part.hints().isEmpty()) {
            Node list = body.child("qti-feedback-block")
                    .with("outcome-identifier", Declarations.HELP)
                    .with("show-hide", "show")
                    .with("identifier", id)
                    .child("qti-content-body")
                    .child("ol");
            part.hints().forEach(hint -> Texts.write(list.child("li"), hint));
        }
    }

    private void solution(Node body, Item item) {
        Node content = body.child("qti-rubric-block")
                .with("use", "scoring")
                .with("view", "scorer")
                .child("qti-content-body");
        Node steps = content.child("ol");
        for (WorkedStep step : item.worked()) {
            Node line = steps.child("li");
            Texts.write(line, step.say());
            if (!step.math().isEmpty()) {
                MathMl.write(line.text(" "), step.math());
            }
        }
        item.second().ifPresent(second -> {
            content.leaf("p", second.title());
            second.blocks().forEach(block -> block(content, block));
        });
    }
}
