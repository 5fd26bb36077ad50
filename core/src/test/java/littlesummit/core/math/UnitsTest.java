package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class UnitsTest {
    private static RationalFunction base(String quantity) {
        return Parser.require(quantity, Syntax.quantity()) instanceof Statement.Measure(Expr amount, Unit unit)
                ? unit.inBase(Canonical.of(amount))
                : RationalFunction.ZERO;
    }

    /**
     * SI Brochure, 9th edition (2019): table 8 (litre, tonne, hour, day), section 2.3.4 (degree Celsius). International
     * yard and pound agreement (1959): yard, pound; feet, inches, miles and ounces are parts and multiples of these.
     */
    @ParameterizedTest
    @CsvSource({
        "1 L, 0.001 m^3",
        "1 L, 1 dm^3",
        "1 mL, 1 cm^3",
        "1 t, 1000 kg",
        "1 h, 3600 s",
        "1 d, 86400 s",
        "0 °C, 273.15 K",
        "1 yd, 0.9144 m",
        "1 lb, 0.45359237 kg",
        "1 yd, 3 ft",
        "1 ft, 12 in",
        "1 mi, 1760 yd",
        "16 oz, 1 lb",
        "0 °C, 32 °F",
        "100 °C, 212 °F",
        "36 km/h, 10 m/s",
        "1 g/cm^3, 1000 kg/m^3",
        "1 m^2, 10000 cm^2",
        "1 km^2, 1000000 m^2"
    })
    void isAsPublished(String one, String other) {
        assertEquals(base(one), base(other));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        12 cm^2 | 12\\,\\text{cm}^{2} | 12 square centimetres
        1 cm2 | 1\\,\\text{cm}^{2} | 1 square centimetre
        60 kph | 60\\,\\text{km/h} | 60 kilometres per hour
        2 g/cm^3 | 2\\,\\text{g/cm}^{3} | 2 grams per cubic centimetre
        20 °C | 20\\,\\text{°C} | 20 degrees Celsius
        64° | 64^{\\circ} | 64 degrees
        3 feet | 3\\,\\text{ft} | 3 feet
        1 h 30 min | 1\\,\\text{h}\\;30\\,\\text{min} | 1 hour 30 minutes
        """)
    void isPrintedAndSpoken(String entry, String latex, String spoken) {
        Statement read = Parser.require(entry, Syntax.quantity());

        assertEquals(latex, LatexPrinter.latex(read));
        assertEquals(spoken, SpokenPrinter.spoken(read));
        assertEquals(read, Parser.require(LatexPrinter.latex(read), Syntax.quantity()), "read back");
    }

    @ParameterizedTest
    @ValueSource(strings = {"km/h", "cm^2", "kg", "°C", "m per s", "square metres"})
    void unitsByThemselvesAreRead(String unit) {
        assertTrue(Units.of(unit).isPresent());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "x", "km/", "cm^4", "square", "per", "5 kg", "kg kg", "%"})
    void whatIsNoUnitIsNone(String text) {
        assertFalse(Units.of(text).isPresent());
    }

    @ParameterizedTest
    @CsvSource({"km/h, kph, true", "km/h, m/s, false", "L, dm^3, true", "m, m^2, false", "°C, K, false"})
    void sameUnits(String one, String other, boolean same) {
        assertEquals(same, Units.of(one).orElseThrow().isSame(Units.of(other).orElseThrow()));
    }
}
