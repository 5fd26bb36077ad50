package littlesummit.app.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LineFilesTest {
    private static final List<WorkLine> PAGE = List.of(
            new WorkLine("3(x - 4) = 18", false),
            new WorkLine("3x - 4 = 18", true),
            new WorkLine("50% of {all} & more", false));

    @Test
    void textKeepsTheOrderAndWhatWasStruck() {
        assertEquals("3(x - 4) = 18\n~~3x - 4 = 18~~\n50% of {all} & more\n", LineFiles.text(PAGE));
    }

    @Test
    void latexSetsMathematicsAndEscapesWords() {
        String latex = LineFiles.latex(PAGE, Set.of("x"));
        String close = latex.replace(" ", "");
        assertTrue(close.contains("\\sout{$3x-4=18$}"), latex);
        assertTrue(close.contains("\\left(x-4\\right)=18$"), latex);
        assertTrue(latex.contains("50\\% of \\{all\\} \\& more"), latex);
        assertTrue(latex.startsWith("\\documentclass") && latex.endsWith("\\end{document}\n"), latex);
    }
}
