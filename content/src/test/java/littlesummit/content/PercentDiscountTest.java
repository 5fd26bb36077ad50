package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import littlesummit.content.code.fraction.PercentDiscount;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Syntax;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A reduced price is 100 % less the discount of the full price: common practice, no source. */
class PercentDiscountTest {
    private static final Skill SKILL = new PercentDiscount();

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34, 55, 89})
    void theReducedPriceIsWhatIsLeftOfTheWhole(long seed) {
        Item item = SKILL.make(1, seed);
        Field price = item.parts().get(1).fields().getFirst();
        Rational fromGiven = Canonical.of(Parser.expr(item.given(), Syntax.number()))
                .asRational()
                .orElseThrow();

        assertEquals(
                fromGiven,
                Canonical.of(Parser.expr(price.answer().expected(), Syntax.number()))
                        .asRational()
                        .orElseThrow());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34, 55, 89})
    void steepGroundGoesBackToTheFullPrice(long seed) {
        Item item = SKILL.make(3, seed);
        String full = item.parts().get(1).fields().getFirst().answer().expected();
        String[] sides = item.given().replace("x", full).split("=");

        assertEquals(
                Canonical.of(Parser.expr(sides[0], Syntax.number())),
                Canonical.of(Parser.expr(sides[1], Syntax.number())));
    }
}
