package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Set;
import littlesummit.core.grading.Reader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LineTextTest {
    @ParameterizedTest
    @CsvSource(delimiter = ';', quoteCharacter = '`', textBlock = """
        so 3x=15; 3x=15; 3
        So: 3x=15; 3x=15; 4
        ⇒ x=5; x=5; 2
        => x=5; x=5; 3
        \\Rightarrow x=5; x=5; 12
        1) x=5; x=5; 3
        a) x=5; x=5; 3
        case 1: x=5; x=5; 8
        so then x=5; x=5; 8
        check: 3*5=15; 3*5=15; 7
        x=5 ✓; x=5; 0
        3x=15 | :3; 3x=15; 0
        3x+5=20 | -5; 3x+5=20; 0
        |x|=5; |x|=5; 0
        |x|=5 | -3; |x|=5; 0
        |x|-3=|y|; |x|-3=|y|; 0
        >= 5; >= 5; 0
        s*o=5; s*o=5; 0
        (2)(x+1); (2)(x+1); 0
        so; so; 0
        """)
    void leavesWhatIsMathematics(String line, String mathematics, int offset) {
        LineText text = LineText.of(line);

        assertEquals(mathematics, text.mathematics());
        assertEquals(offset, text.offset());
        assertEquals(line, text.whole());
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        x_1=2, x_2=3; x  =2, x  =3
        x₁ = 2; x  = 2
        x_{1}=2; x    =2
        x_1+x_2=5; x_1+x_2=5
        x_1=2, y=x_1+3; x_1=2, y=x_1+3
        """)
    void indicesOfSolutionsAreLeftOut(String line, String mathematics) {
        assertEquals(mathematics, LineText.of(line).mathematics());
    }

    @Test
    void whatIsShownIsTheMathematicsAndThePlaceIsThatInTheLine() {
        assertEquals("14=2x", Lines.read("so 14=2x", Set.of("x")).latex().replace(" ", ""));
        Reader.ReadAs stopped = Lines.read("so 14=2y", Set.of("x"));
        assertEquals(7, stopped.at());
        assertEquals("so 14=2", stopped.typed().before());
    }
}
