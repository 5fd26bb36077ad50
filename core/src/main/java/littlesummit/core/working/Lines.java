package littlesummit.core.working;

import java.util.Set;
import littlesummit.core.grading.Reader;
import littlesummit.core.math.EntryText;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Syntax;

/** How one line of work is read, without what only connects it to others. */
public final class Lines {
    private Lines() {}

    /** @param letters that may occur */
    public static Reading parse(String line, Set<String> letters) {
        return Parser.read(LineText.of(line).mathematics(), Syntax.line(letters));
    }

    /**
     * As the student is shown it.
     *
     * @param letters that may occur
     */
    public static Reader.ReadAs read(String line, Set<String> letters) {
        Syntax syntax = Syntax.line(letters);
        LineText text = LineText.of(line);
        Reader.ReadAs read = Reader.read(text.mathematics(), syntax);
        int at = read.at() < 0 ? read.at() : read.at() + text.offset();
        return new Reader.ReadAs(
                read.latex(),
                read.spoken(),
                at,
                read.message(),
                EntryText.around(line, at < 0 ? line.length() : at, syntax));
    }
}
