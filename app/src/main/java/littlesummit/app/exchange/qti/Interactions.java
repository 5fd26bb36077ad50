package littlesummit.app.exchange.qti;

import java.util.List;
import java.util.stream.Collectors;
import littlesummit.app.exchange.xml.Node;
import littlesummit.core.figure.Point;
import littlesummit.core.figure.Scene;
import littlesummit.core.figure.Scenes;
import littlesummit.core.figure.Spot;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;

/** Where an answer is given: the nearest interaction of the standard. */
final class Interactions {
    static final String AREA = "A";
    private static final int USUAL_LENGTH = 16;
    private final Pictures pictures;

    Interactions(Pictures pictures) {
        this.pictures = pictures;
    }

    /** Inside a line of text. */
    void inline(Node parent, Question question) {
        switch (question.field().response()) {
            case Response.PickFromList(List<Option> options) -> {
                Node list =
                        named(parent, "qti-inline-choice-interaction", question).with("shuffle", false);
                options.forEach(option -> Texts.write(
                        list.child("qti-inline-choice").with("identifier", question.option(option.id())),
                        option.text()));
            }
            case Response.DropLabel d -> parent.child("qti-gap").with("identifier", question.id());
            default -> {
                named(parent, "qti-text-entry-interaction", question).with("expected-length", USUAL_LENGTH);
                suffix(parent, question.field());
            }
        }
    }

    private static void suffix(Node parent, Field field) {
        if (!field.answer().suffix().isEmpty()) {
            parent.text(" " + field.answer().suffix());
        }
    }

    /** On lines of its own, with its label before it where there are several. */
    void block(Node parent, Question question, boolean named) {
        Field field = question.field();
        switch (field.response()) {
            case Response.ChooseOne(List<Option> options) -> choice(parent, question, options, 1);
            case Response.ChooseAll(List<Option> options) -> choice(parent, question, options, 0);
            case Response.Shade(Figure.FractionPicture picture) -> areas(parent, question, Scenes.of(picture));
            case Response.SelectShapes(Figure.Shapes shapes) -> shapes(parent, question, shapes);
            case Response.PlotPoint(Figure.Grid grid) -> points(parent, question, grid, 1);
            case Response.PlotLine(Figure.Grid grid) -> points(parent, question, grid, 2);
            case Response.LayUnits(Figure.Measured object) -> pictured(parent, question, named, object);
            case Response.MarkOnLine(Figure.NumberLine line) -> pictured(parent, question, named, line);
            case Response.RayOnLine(Figure.NumberLine line, String letter) -> pictured(parent, question, named, line);
            case Response.WriteInColumns c -> line(parent, question, named);
            case Response.PutInOrder(List<Option> options) -> order(parent, question, options);
            case Response.InkWords i ->
                Texts.write(
                        text(parent, question)
                                .with(Names.OWN + "picture", "yes")
                                .child("qti-prompt"),
                        field.label());
            case Response.Said s -> Texts.write(text(parent, question).child("qti-prompt"), field.label());
            case Response.Typed t -> line(parent, question, named);
            case Response.PickFromList p -> line(parent, question, named);
            case Response.DropLabel d -> line(parent, question, named);
        }
    }

    /** A picture, and what it shows to be typed. */
    private void pictured(Node parent, Question question, boolean named, Figure figure) {
        pictures.show(parent.child("p"), Scenes.of(figure));
        line(parent, question, named);
    }

    private void line(Node parent, Question question, boolean named) {
        Node line = parent.child("p");
        if (named && !question.field().label().isEmpty()) {
            Texts.write(line, question.field().label());
            line.text(question.field().label().endsWith("=") ? " " : ": ");
        }
        inline(line, question);
    }

    private void choice(Node parent, Question question, List<Option> options, int most) {
        Node choice = named(parent, "qti-choice-interaction", question)
                .with("shuffle", false)
                .with("max-choices", most);
        choices(choice, question, options);
    }

    private void order(Node parent, Question question, List<Option> options) {
        choices(named(parent, "qti-order-interaction", question).with("shuffle", false), question, options);
    }

    private void choices(Node interaction, Question question, List<Option> options) {
        Texts.write(interaction.child("qti-prompt"), question.field().label());
        options.forEach(option -> {
            Node one = interaction.child("qti-simple-choice").with("identifier", question.option(option.id()));
            option.figure()
                    .ifPresentOrElse(
                            figure -> pictures.show(one, Scenes.of(figure)), () -> Texts.write(one, option.text()));
        });
    }

    private void areas(Node parent, Question question, Scene scene) {
        Node hotspots =
                picture(parent, "qti-hotspot-interaction", question, scene).with("max-choices", 0);
        scene.spots().forEach(spot -> area(hotspots, AREA + spot.id(), spot.label(), spot.outline()));
    }

    private void shapes(Node parent, Question question, Figure.Shapes shapes) {
        Scene scene = Scenes.of(shapes);
        Node hotspots =
                picture(parent, "qti-hotspot-interaction", question, scene).with("max-choices", 0);
        scene.spots().stream()
                .filter(spot -> spot.kind() == Spot.Kind.AREA)
                .forEach(spot -> area(hotspots, Played.shape(spot.id()), spot.label(), spot.outline()));
    }

    private static void area(Node parent, String id, String label, List<Point> outline) {
        StringBuilder corners = new StringBuilder();
        outline.forEach(p -> corners.append(corners.isEmpty() ? "" : ",").append(Conditions.xy(p, ",")));
        parent.child("qti-hotspot-choice")
                .with("identifier", id)
                .with("shape", "poly")
                .with("coords", corners)
                .with("hotspot-label", label);
    }

    private void points(Node parent, Question question, Figure.Grid grid, int most) {
        picture(parent, "qti-select-point-interaction", question, Scenes.of(grid))
                .with("max-choices", most);
    }

    private Node picture(Node parent, String name, Question question, Scene scene) {
        Node interaction = named(parent, name, question);
        Texts.write(interaction.child("qti-prompt"), question.field().label());
        pictures.show(interaction, scene);
        return interaction;
    }

    private static Node text(Node parent, Question question) {
        return named(parent, "qti-extended-text-interaction", question).with("expected-lines", 6);
    }

    private static Node named(Node parent, String name, Question question) {
        Node interaction = parent.child(name).with("response-identifier", question.response());
        AnswerSpec spec = question.field().answer();
        if (spec.kind() != Kind.CHOICE) {
            interaction
                    .with(Names.OWN + "kind", spec.kind().code())
                    .with(Names.OWN + "form", spec.form().code())
                    .with(Names.OWN + "expected", spec.expected())
                    .with(
                            Names.OWN + "letters",
                            spec.letters().stream().sorted().collect(Collectors.joining(" ")))
                    .with(Names.OWN + "suffix", spec.suffix());
        }
        return interaction;
    }
}
