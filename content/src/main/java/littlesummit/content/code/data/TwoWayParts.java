package littlesummit.content.code.data;

import littlesummit.content.code.Divisors;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** A count as a part of a whole: of all, of its row or of its column. */
final class TwoWayParts {
    private static final Rational HUNDRED = Rational.of(100);

    private TwoWayParts() {}

    /** A whole of which a count is a part. */
    enum Whole {
        ALL,
        ROW,
        COLUMN;

        int of(TwoWay t, int r, int c) {
            return switch (this) {
                case ALL -> t.total();
                case ROW -> t.rowTotal(r);
                case COLUMN -> t.columnTotal(c);
            };
        }

        /** Said where this was taken for the whole and is not. */
        String taken() {
            return "It looks as if "
                    + switch (this) {
                        case ALL -> "the total of all";
                        case ROW -> "the total of the row";
                        case COLUMN -> "the total of the column";
                    }
                    + " was taken. Read the question again: of which whole is it a part?";
        }

        String question(TwoWay t, int r, int c) {
            return switch (this) {
                case ALL -> "What part of all is both " + t.row(r) + " and " + t.column(c) + "?";
                case ROW -> "Of those in the row " + t.row(r) + ", what part is in " + t.column(c) + "?";
                case COLUMN -> "Of those in the column " + t.column(c) + ", what part is in " + t.row(r) + "?";
            };
        }
    }

    /** A cell of a table whose three wholes all differ. */
    record Cell(TwoWay t, int r, int c) {
        static Cell drawn(Draw draw, int size, int most) {
            Cell cell;
            do {
                cell = new Cell(TwoWay.draw(draw, size, most), draw.between(0, size - 1), draw.between(0, 1));
            } while (cell.t.rowTotal(cell.r) == cell.t.columnTotal(cell.c));
            return cell;
        }

        int part() {
            return t.count(r, c);
        }

        int whole(Whole whole) {
            return whole.of(t, r, c);
        }

        /** A total that is taken for the part: that of the other group. */
        int sharedTotal(Whole whole) {
            return whole == Whole.ROW ? t.columnTotal(c) : t.rowTotal(r);
        }

        String latex(Whole whole) {
            return "\\frac{" + part() + "}{" + whole(whole) + "}";
        }
    }

    static Item fraction(ItemRef ref, String frame, Draw draw) {
        Cell cell = Cell.drawn(draw, 2, 30);
        Whole whole = draw.oneOf(Whole.ALL, Whole.ROW);
        Rational share = Rational.of(cell.part(), cell.whole(whole));
        boolean isLowest = Divisors.gcd(cell.part(), cell.whole(whole)) == 1;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION, Linear.fraction(share));
        Mistakes mistakes = Mistakes.of(answer);
        for (Whole other : Whole.values()) {
            mistakes.addIf(other != whole, cell.part() + "/" + cell.whole(other), "wrong-total", other.taken());
        }
        Field field = Field.typed(
                "answer", "Fraction", "a fraction; it need not be in lowest terms", answer, mistakes.list());
        return start(ref, frame, cell, whole.question(cell.t(), cell.r(), cell.c()), whole, field)
                .step(
                        isLowest ? "It is in lowest terms." : "It may be left so or reduced.",
                        Linear.fractionLatex(share))
                .build();
    }

    static Item percent(ItemRef ref, String frame, Draw draw) {
        Cell cell = Cell.drawn(draw, draw.between(2, 3), 60);
        Whole whole = draw.oneOf(Whole.values());
        Rational share = Rational.of(cell.part(), cell.whole(whole));
        boolean isLowest = Divisors.gcd(cell.part(), cell.whole(whole)) == 1;
        AnswerSpec answer = AnswerSpec.number(new Form.Rounded(0, true), cell.part() + "/" + cell.whole(whole))
                .withSuffix("%");
        Mistakes mistakes = Mistakes.of(answer);
        for (Whole other : Whole.values()) {
            mistakes.addIf(
                    other != whole, percent(Rational.of(cell.part(), cell.whole(other))), "wrong-total", other.taken());
        }
        mistakes.add(
                String.valueOf(cell.part()),
                "count-as-percent",
                "That is how many there are. How many would it be of a hundred?");
        Field field = Field.typed("answer", "Percent", "a percent, rounded to a whole number", answer, mistakes.list());
        return start(
                        ref,
                        frame,
                        cell,
                        whole.question(cell.t(), cell.r(), cell.c()).replace("hat part", "hat percent"),
                        whole,
                        field)
                .step("As a percent, rounded.", cell.latex(whole) + " \\approx " + percent(share) + "\\%")
                .build();
    }

    private static Items start(ItemRef ref, String frame, Cell cell, String question, Whole whole, Field field) {
        return Items.of(ref)
                .text(cell.t().about() + " " + frame)
                .table(cell.t().table().head(), cell.t().table().rows())
                .part(Part.of(
                        question,
                        field,
                        "Which number is the part, and which is the whole?",
                        "The words after “of” name the whole: all, one row or one column.",
                        "The part is " + cell.part() + ". Look for the total that belongs to the whole."))
                .step("The part over the whole that the question names.", cell.latex(whole))
                .calculator()
                .given(cell.part() + "/" + cell.whole(whole));
    }

    /** The fraction is chosen: what counts is the whole that the question means. */
    static Item which(ItemRef ref, String frame, Draw draw) {
        Whole whole = draw.oneOf(Whole.values());
        Cell cell;
        do {
            cell = Cell.drawn(draw, 2, 45);
        } while (cell.sharedTotal(whole) * cell.whole(whole)
                == cell.part() * cell.t().total());
        Choices choices = Choices.right("$" + cell.latex(whole) + "$");
        for (Whole other : Whole.values()) {
            choices.wrong(
                    "$" + cell.latex(other) + "$", "wrong-total", "The part is correct. Of which whole is it a part?");
        }
        choices.wrong(
                "$\\frac{" + cell.sharedTotal(whole) + "}{" + cell.t().total() + "}$",
                "total-as-part",
                "The number above is a total. Only those that belong to both groups are the part.");
        return Items.of(ref)
                .text(cell.t().about() + " " + frame)
                .table(cell.t().table().head(), cell.t().table().rows())
                .part(Part.of(
                        whole.question(cell.t(), cell.r(), cell.c()),
                        choices.shuffled("answer", "The fraction", draw),
                        "Say the question in your own words: a part of whom?",
                        "All of the whole are counted below the line, those of them that also belong to the other group"
                                + " above it.",
                        whole == Whole.ALL
                                ? "The whole is everybody or everything in the table."
                                : "The whole is the one " + (whole == Whole.ROW ? "row" : "column")
                                        + " that the question begins with."))
                .step(
                        "The part stands where the row " + cell.t().row(cell.r()) + " and the column "
                                + cell.t().column(cell.c()) + " meet.",
                        "")
                .step("The whole is the total that the question names.", cell.latex(whole))
                .calculator()
                .given(cell.part() + "/" + cell.whole(whole))
                .build();
    }

    private static String percent(Rational share) {
        return Tex.plain(share.times(HUNDRED).roundHalfUp(0));
    }
}
