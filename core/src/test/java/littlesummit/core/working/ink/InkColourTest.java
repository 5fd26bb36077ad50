package littlesummit.core.working.ink;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * The inks as they are seen by eyes that lack one kind of cone: simulated with the matrices for full severity of G. M.
 * Machado, M. M. Oliveira and L. A. F. Fernandes, "A Physiologically-based Model for Simulation of Color Vision
 * Deficiency", IEEE Transactions on Visualization and Computer Graphics 15(6), 2009 (numbers from memory), and compared
 * in CIE L*a*b* by the difference of 1976. Contrast by WCAG 2.2.
 */
class InkColourTest {
    private static final double APART = 20;
    private static final String SHEET = "FFFDF6";

    private enum Eye {
        USUAL(1, 0, 0, 0, 1, 0, 0, 0, 1),
        PROTAN(0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998),
        DEUTAN(0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.011820, 0.042940, 0.968881),
        TRITAN(1.255528, -0.076749, -0.178779, -0.078411, 0.930809, 0.147602, 0.004733, 0.691367, 0.303900);

        private final double[] matrix;

        Eye(double... matrix) {
            this.matrix = matrix;
        }

        double[] sees(double[] rgb) {
            return IntStream.range(0, 3)
                    .mapToDouble(row -> Math.clamp(
                            IntStream.range(0, 3)
                                    .mapToDouble(i -> matrix[3 * row + i] * rgb[i])
                                    .sum(),
                            0,
                            1))
                    .toArray();
        }
    }

    private static double[] linear(String hex) {
        return IntStream.range(0, 3)
                .mapToDouble(i -> Integer.parseInt(hex.substring(2 * i, 2 * i + 2), 16) / 255.0)
                .map(c -> c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4))
                .toArray();
    }

    private static double[] lab(double[] rgb) {
        double x = f((0.4124 * rgb[0] + 0.3576 * rgb[1] + 0.1805 * rgb[2]) / 0.9505);
        double y = f(luminance(rgb));
        double z = f((0.0193 * rgb[0] + 0.1192 * rgb[1] + 0.9505 * rgb[2]) / 1.089);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double f(double t) {
        return t > 0.008856 ? Math.cbrt(t) : 7.787 * t + 16.0 / 116;
    }

    private static double luminance(double[] rgb) {
        return 0.2126 * rgb[0] + 0.7152 * rgb[1] + 0.0722 * rgb[2];
    }

    private static double difference(InkColour a, InkColour b, Eye eye) {
        double[] first = lab(eye.sees(linear(a.hex())));
        double[] second = lab(eye.sees(linear(b.hex())));
        return Math.sqrt(IntStream.range(0, 3)
                .mapToDouble(i -> Math.pow(first[i] - second[i], 2))
                .sum());
    }

    @ParameterizedTest
    @EnumSource(InkColour.class)
    void staysApartFromEveryOtherForEveryEye(InkColour ink) {
        for (InkColour other : InkColour.values()) {
            for (Eye eye : Eye.values()) {
                assertTrue(
                        other == ink || difference(ink, other, eye) >= APART,
                        ink + " and " + other + " for " + eye + ": " + difference(ink, other, eye));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(InkColour.class)
    void isSeenOnTheSheet(InkColour ink) {
        double contrast = (luminance(linear(SHEET)) + 0.05) / (luminance(linear(ink.hex())) + 0.05);
        assertTrue(contrast >= 3, ink + " has " + contrast);
    }
}
