package littlesummit.content.code.shape;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Shapes with a property, of a kind, with two properties at once, and what holds for whole kinds of shapes. */
public final class SelectShapes extends KindSkill {
    public SelectShapes() {
        super(
                "select-shapes",
                "Finding shapes",
                5,
                Tier.of(
                        "Shapes with so many sides, and what is true of one shape.",
                        ItemKind.of(
                                "sides",
                                ShapeSelection::sides,
                                "The trail signs of the valley come in many shapes.",
                                "The windows of the village school come in many shapes.",
                                "Tiles of all shapes lie on the floor of the chapel."),
                        ItemKind.of(
                                "statement",
                                ShapeStatement::make,
                                "This is one of the trail signs.",
                                "A sheet of tin was cut like this.",
                                "Here is a tile from the floor of the chapel.")),
                Tier.of(
                        "Angles, equal and parallel sides, and kinds that take in other kinds.",
                        ItemKind.of(
                                "property",
                                ShapeSelection::property,
                                "The joiner has sawn these boards.",
                                "These pieces of cloth are left over from the flags.",
                                "The children have cut shapes out of paper."),
                        ItemKind.of(
                                "kind",
                                ShapeSelection::kind,
                                "%1$s is a shape with four sides %2$s.",
                                "A shape with four sides %2$s is called %1$s.",
                                "It takes four sides %2$s to make %1$s.")),
                Tier.of(
                        "Two properties at once, shapes sorted into hoops, and what holds for a whole kind.",
                        ItemKind.of(
                                "two",
                                ShapeSelection::two,
                                "The mason has cut these slabs.",
                                "These kites were built in the school."),
                        ItemKind.of(
                                "hoops",
                                ShapeSelection::hoops,
                                "Two hoops lie on the floor, one partly over the other. Shapes with %s belong"
                                        + " in the left one, shapes with %s in the right one.",
                                "Shapes are sorted with two ropes. The red rope goes around those with %s, the blue one"
                                        + " around those with %s."),
                        ItemKind.of(
                                "how-often",
                                ShapeClaims::make,
                                "%s says: “%s”",
                                "%s has written in an exercise book: “%s”")));
    }
}
