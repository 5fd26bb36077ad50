package littlesummit.core.template;

import java.util.Set;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;

/** How one line of a document is read, before the document as a whole is looked at. */
public sealed interface LineReading {
    /** @param latex the formula with its names in it; empty for words */
    record Understood(String latex) implements LineReading {}

    /** @param sentence for its author */
    record Wrong(String sentence) implements LineReading {}

    /**
     * Reads a formula or condition.
     *
     * @param letters that stand for themselves
     * @param names that have been given to values
     */
    static LineReading formula(String text, Set<String> letters, Set<String> names) {
        try {
            Formula formula = Formula.read(text, Place.WHOLE, new Formula.Names(letters, names));
            return new Understood(LatexPrinter.latex(Trees.map(formula.statement(), LineReading::named)));
        } catch (Refused refused) {
            return new Wrong(refused.complaint().sentence());
        }
    }

    /**
     * Reads words with places for values.
     *
     * @param letters that stand for themselves
     * @param names that have been given to values
     */
    static LineReading words(String text, Set<String> letters, Set<String> names) {
        try {
            TextPattern.read(new Node.Scalar(text, Place.WHOLE), new Formula.Names(letters, names));
            return new Understood("");
        } catch (Refused refused) {
            return new Wrong(refused.complaint().sentence());
        }
    }

    /** Names of more than one letter are set as words with a little room, so that nobody takes them for products. */
    private static Expr named(Expr expr) {
        if (expr instanceof Expr.Letter(String name)) {
            return name.length() == 1 ? expr : new Expr.Letter("\\,\\text{" + name + "}\\,");
        }
        Expr changed = expr;
        for (int i = 0; i < expr.children().size(); i++) {
            changed = changed.with(i, named(expr.children().get(i)));
        }
        return changed;
    }
}
