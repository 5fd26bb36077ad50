package littlesummit.content.code.shape;

import java.util.List;
import java.util.function.Predicate;

/**
 * What a shape may have.
 *
 * @param says behind “with”
 * @param rule how one sees it
 * @param holds which shapes have it
 */
record ShapeProperty(String says, String rule, Predicate<Outline> holds) {
    static final ShapeProperty RIGHT_ANGLE = new ShapeProperty(
            "at least one right angle",
            "A right angle is a square corner; a small square marks it.",
            Outline::rightAngle);
    static final ShapeProperty EQUAL = new ShapeProperty(
            "all sides equally long", "Equal sides carry the same tick marks.", Outline::allSidesEqual);
    static final ShapeProperty PARALLEL = new ShapeProperty(
            "at least one pair of parallel sides",
            "Parallel sides would never meet, however far they are made longer.",
            Outline::parallel);
    static final List<ShapeProperty> SEEN = List.of(RIGHT_ANGLE, EQUAL, PARALLEL);

    static ShapeProperty sides(int count) {
        String word = List.of("three", "four", "five").get(count - 3);
        return new ShapeProperty(
                word + " sides", "Count the sides of each shape, one by one.", o -> o.sides() == count);
    }

    ShapeProperty and(ShapeProperty other) {
        return new ShapeProperty(
                says + " and " + other.says, "Both must hold. " + rule + " " + other.rule, holds.and(other.holds));
    }

    ShapeProperty without(ShapeProperty other, String named) {
        return new ShapeProperty(
                says + " but " + named,
                "One must hold and the other must not. " + rule + " " + other.rule,
                holds.and(other.holds.negate()));
    }
}
