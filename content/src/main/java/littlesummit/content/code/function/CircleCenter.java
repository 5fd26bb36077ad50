package littlesummit.content.code.function;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Circles: where the centre is, how far it is to the rim, what the equation says, and how one is written. */
public final class CircleCenter extends KindSkill {
    public CircleCenter() {
        super(
                "circle-center",
                "Centre of a circle",
                4,
                Tier.of(
                        "A circle that is drawn or described: its middle, and how far it is to the rim.",
                        ItemKind.of(
                                "graph",
                                CircleDrawn::graph,
                                "On the map grid of the weather station a radar circle is drawn. Where is its centre?",
                                "The round pond of the upper alp is drawn on a grid. Where is its centre?",
                                "Where is the centre of this circle?"),
                        ItemKind.of(
                                "box",
                                CircleDrawn::box,
                                "A round pasture reaches from $x = %s$ to $x = %s$ and from $y = %s$ to $y = %s$ on the"
                                        + " map grid.",
                                "The rim of a round tank goes from $x = %s$ in the west to $x = %s$ in the east, and"
                                        + " from $y = %s$ in the south to $y = %s$ in the north."),
                        ItemKind.of(
                                "reach",
                                CircleDrawn::reach,
                                "A lamp stands at $(%s, %s)$ on the map grid. Its light just reaches $(%s, %s)$.",
                                "A goat is tied to a stake at $(%s, %s)$. With the rope tight it stands at"
                                        + " $(%s, %s)$.")),
                Tier.of(
                        "The equation with brackets, read and written.",
                        ItemKind.of(
                                "equation",
                                CircleEquation::read,
                                "Where is the centre of this circle?",
                                "The edge of a clearing has this equation on the map grid. Where is its centre?",
                                "A sprinkler wets all within this circle. Where does it stand?"),
                        ItemKind.of(
                                "place",
                                CircleEquation::place,
                                "Place the centre of this circle on the grid.",
                                "A merry-go-round turns on this circle. Place its post on the grid."),
                        ItemKind.of(
                                "write",
                                CircleEquation::write,
                                "On a map grid in kilometres a radar stands at $(%s, %s)$. It sees %s kilometres far.",
                                "A circle has its centre at $(%s, %s)$ and the radius %s.")),
                Tier.of(
                        "Squares to complete, fractions, a rim that is not straight across, and a slip to find.",
                        ItemKind.of(
                                "expanded",
                                CircleSquares::expanded,
                                "Where is the centre of this circle?",
                                "In the log of the survey this circle is written without brackets. Where is its"
                                        + " centre?"),
                        ItemKind.of(
                                "fractions",
                                CircleEquation::fractions,
                                "Where is the centre of this circle?",
                                "On a fine map a well shaft has this rim. Where is its centre?"),
                        ItemKind.of(
                                "through",
                                CircleEquation::through,
                                "A circle has its centre at $(%s, %s)$ and goes through $(%s, %s)$.",
                                "A beacon stands at $(%s, %s)$ on the map grid. Its light just reaches the hut at"
                                        + " $(%s, %s)$."),
                        ItemKind.of(
                                "slip",
                                CircleSlip::make,
                                "%s looks for the centre of this circle, and makes one slip.",
                                "%s has written down how to find the centre of this circle. One line is" + " wrong.")));
    }
}
