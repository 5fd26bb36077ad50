package littlesummit.app.workbench.example;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import littlesummit.core.math.Rational;
import littlesummit.core.template.example.Example;
import littlesummit.core.template.example.Way;
import littlesummit.core.template.example.Ways;

/**
 * What was seen in an item that was typed.
 *
 * @param told what stands before the question
 * @param asked the question
 * @param numbers those that could vary
 * @param ways formulas that lead to the answer, the simplest first
 */
record ExampleLook(String told, String asked, List<SeenNumber> numbers, List<SeenWay> ways) {
    /**
     * @param letter that stands for it in formulas
     * @param low where its range could begin, {@code high} where it could end
     */
    record SeenNumber(String letter, String value, String low, String high) {}

    /** @param shown the formula with the numbers of the item in it */
    record SeenWay(String formula, String shown) {}

    static ExampleLook of(Example example, Rational answer) {
        return new ExampleLook(
                text(example.told(), example),
                text(example.asked(), example),
                example.numbers().stream().map(ExampleLook::seen).toList(),
                Ways.to(answer, example.numbers()).stream()
                        .map(way -> new SeenWay(way.written(false), shown(way)))
                        .toList());
    }

    private static String shown(Way way) {
        return way.written(true).replace("*", "·").replace("/", ":").replace("-", "−");
    }

    private static String text(List<Example.Piece> pieces, Example example) {
        StringBuilder text = new StringBuilder();
        pieces.forEach(piece -> text.append(
                switch (piece) {
                    case Example.Piece.Words(String words) -> words;
                    case Example.Piece.Number(int index) ->
                        (example.numbers().get(index).isMoney() ? "$" : "")
                                + value(example.numbers().get(index));
                }));
        return text.toString();
    }

    private static String value(Example.Given given) {
        return given.value()
                .toBigDecimal()
                .setScale(given.places(), RoundingMode.HALF_UP)
                .toPlainString();
    }

    /** From about half of it to about twice as much, and never a single number. */
    private static SeenNumber seen(Example.Given given) {
        BigDecimal unit = BigDecimal.ONE.movePointLeft(given.places());
        BigDecimal value = given.value().toBigDecimal();
        BigDecimal half = value.divide(BigDecimal.TWO, given.places(), RoundingMode.HALF_UP);
        BigDecimal low = half.max(unit.multiply(BigDecimal.TWO)).min(value);
        BigDecimal high = value.multiply(BigDecimal.TWO).max(value.add(unit.multiply(BigDecimal.valueOf(7))));
        return new SeenNumber(given.letter(), value(given), plain(low, given), plain(high, given));
    }

    private static String plain(BigDecimal number, Example.Given given) {
        return number.setScale(given.places(), RoundingMode.HALF_UP).toPlainString();
    }
}
