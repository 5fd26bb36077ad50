package littlesummit.core.grading;

import littlesummit.core.math.EntryText;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Syntax;

/** Shows how an entry is understood: its form, never a value computed from it. */
public final class Reader {
    private Reader() {}

    /**
     * @param latex as understood; empty when it was not
     * @param spoken the same as a sentence
     * @param at where reading stopped, from 0; −1 when all was understood
     * @param message what is wrong there; empty when nothing is
     * @param typed the entry in plain signs, around the place where reading stopped
     */
    public record ReadAs(String latex, String spoken, int at, String message, EntryText typed) {}

    /** An entry of a field. */
    public static ReadAs read(String entry, AnswerSpec field) {
        return Otherwise.isRead(field, entry)
                ? new ReadAs(
                        asItStands(entry),
                        entry.strip(),
                        -1,
                        "",
                        EntryText.around(entry, entry.length(), field.syntax()))
                : as(
                        field.read(entry),
                        new KindPrinter(field.kind(), RatioGrader.isAsked(field)),
                        entry,
                        field.syntax());
    }

    /** LaTeX as it is, and other texts as words: digits would be the answer. */
    private static String asItStands(String entry) {
        return entry.strip().startsWith("\\")
                ? entry.strip()
                : "\\text{" + entry.strip().replaceAll("[\\\\{}$%&#~]", " ").replaceAll("[_^]", "\\\\$0{}") + "}";
    }

    /** A text of the common grammar, such as a line of work. */
    public static ReadAs read(String entry, Syntax syntax) {
        return as(Parser.read(entry, syntax), new KindPrinter(Kind.EXPRESSION, false), entry, syntax);
    }

    private static ReadAs as(Reading reading, KindPrinter printer, String entry, Syntax syntax) {
        return switch (reading) {
            case Reading.Understood(Statement statement) ->
                new ReadAs(
                        printer.latex(statement),
                        printer.spoken(statement),
                        -1,
                        "",
                        EntryText.around(entry, entry.length(), syntax));
            case Reading.Stopped stopped -> {
                Verdict.Unreadable verdict = Entries.unreadable(printer.kind(), stopped);
                yield new ReadAs(
                        "", "", verdict.at(), verdict.message(), EntryText.around(entry, verdict.at(), syntax));
            }
        };
    }
}
