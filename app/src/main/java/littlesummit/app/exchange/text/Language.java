package littlesummit.app.exchange.text;

import java.util.List;
import littlesummit.app.printing.TextPiece;

/** A language of documents. Texts come as ours: LaTeX between $ signs, a currency sign as {@code \$}. */
interface Language {
    /** Running text within a line. */
    default String text(String ours) {
        StringBuilder text = new StringBuilder();
        for (TextPiece piece : TextPiece.of(ours)) {
            text.append(piece.math() ? "$" + piece.text().strip() + "$" : escaped(piece.text()));
        }
        return text.toString();
    }

    /** Words without mathematics, so that none of their signs is taken for one of the language. */
    String escaped(String plain);

    String heading(int level, String ours);

    /** A paragraph of one text. */
    default String paragraph(String ours) {
        return text(ours) + "\n\n";
    }

    /** Mathematics on a line of its own. */
    String formula(String latex);

    /** Digits and signs that have to stay where they are. */
    String columns(List<String> lines);

    String table(List<String> head, List<List<String>> rows);

    /** @param file beside the document, without its ending */
    String picture(String file, String alt);

    String list(List<String> ours);

    /** A place to write in. */
    String blank();

    /** A place in a formula. */
    default String blankInFormula() {
        return "\\boxed{\\phantom{0000}}";
    }

    /** The whole, once everything in it is written. */
    String document(String title, String body);
}
