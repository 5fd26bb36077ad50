package littlesummit.content.code.function;

import java.util.ArrayList;
import java.util.List;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;

/** Five sentences about a function, one of them wrong in a way that people get wrong. */
final class RationalClaims {
    /**
     * A sentence about a function.
     *
     * @param isTrue as it should be
     * @param isWrong as somebody could have it who overlooks something
     * @param look said to those who take the true one for wrong
     */
    private record Claim(String isTrue, String isWrong, String look) {}

    private RationalClaims() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        RationalShape s = RationalShapes.slantedOrSquareWithHole(draw);
        List<Claim> claims = claims(s);
        int wrong = draw.between(0, claims.size() - 1);
        Choices choices = Choices.right(claims.get(wrong).isWrong());
        for (int i = 0; i < claims.size(); i++) {
            if (i != wrong) {
                choices.wrong(
                        claims.get(i).isTrue(),
                        "true-claim",
                        "That one is true. " + claims.get(i).look());
            }
        }
        return RationalItem.start(ref, frame.formatted(Words.name(draw)), s)
                .part(Part.of(
                        "Which one is wrong?",
                        choices.shuffled("claim", "Wrong sentence", draw),
                        "Go through them one by one. Which of them can you check by putting in a number?",
                        "A factor that stands above and below makes a hole, a factor left below an asymptote, a factor"
                                + " left above a zero.",
                        "Begin with the factor that is zero at $x = " + s.hole() + "$. Where does it stand?"))
                .build();
    }

    private static List<Claim> claims(RationalShape s) {
        int zero = s.zerosOnce().getFirst();
        int pole = s.polesOnce().getLast();
        List<Integer> out = new ArrayList<>(s.polesOnce());
        out.add(s.hole());
        String touches = "At $x = " + zero + "$ its graph touches the x-axis and turns back.";
        String crosses = "At $x = " + zero + "$ its graph crosses the x-axis.";
        String up = "Just right of $x = " + pole + "$ its graph goes up without end.";
        String down = "Just right of $x = " + pole + "$ its graph goes down without end.";
        String far = "Far out its graph comes close to $";
        return List.of(
                new Claim(
                        "It is defined for all $x$ but " + numbers(out) + ".",
                        "It is defined for all $x$ but " + numbers(s.polesOnce()) + ".",
                        "Which numbers make the bottom zero, before anything is cancelled?"),
                new Claim(
                        asymptotes(s.polesOnce()),
                        asymptotes(out),
                        "Which factors of the bottom are left in lowest terms?"),
                new Claim(
                        s.touches(zero) ? touches : crosses,
                        s.touches(zero) ? crosses : touches,
                        "How often does that factor occur?"),
                new Claim(
                        s.risesRightOf(pole) ? up : down,
                        s.risesRightOf(pole) ? down : up,
                        "Put in a number just right of it and look at the sign of every factor."),
                new Claim(
                        far + RationalGraph.line(s) + "$.",
                        far + (s.rise() == 1 ? "y = " + s.factor() : "y = 0") + "$.",
                        s.rise() == 1
                                ? "Divide the top by the bottom."
                                : "Compare the first terms of top and bottom."));
    }

    private static String numbers(List<Integer> places) {
        return Words.list(places.stream().sorted().map(p -> "$" + p + "$").toList());
    }

    private static String asymptotes(List<Integer> places) {
        return places.size() == 1
                ? "Its only vertical asymptote is $x = " + places.getFirst() + "$."
                : "Its vertical asymptotes are "
                        + RationalGraph.places(places.stream().sorted().toList()) + ".";
    }
}
