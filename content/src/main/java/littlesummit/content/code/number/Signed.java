package littlesummit.content.code.number;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Figure;

/** Signed numbers as they stand in sums, and on a number line. */
final class Signed {
    private Signed() {}

    /** In brackets where it is negative. */
    static String bracketed(int n) {
        return n < 0 ? "(" + n + ")" : String.valueOf(n);
    }

    /** With its sign as an operation before it. */
    static String added(int n) {
        return n < 0 ? " - " + -n : " + " + n;
    }

    /** A start and the moves from it, as a second explanation. */
    static Block[] line(int from, int... moves) {
        List<Integer> stops = new ArrayList<>(List.of(from));
        StringBuilder say = new StringBuilder("Start at $" + from + "$");
        for (int move : moves) {
            say.append(stops.size() == 1 ? " and go " : ", then ")
                    .append(Math.abs(move))
                    .append(move > 0 ? " to the right" : " to the left");
            stops.add(stops.getLast() + move);
        }
        int low = IntStream.concat(IntStream.of(0), stops.stream().mapToInt(n -> n))
                        .min()
                        .orElseThrow()
                - 2;
        int high = IntStream.concat(IntStream.of(0), stops.stream().mapToInt(n -> n))
                        .max()
                        .orElseThrow()
                + 2;
        int step = high - low > 40 ? 10 : high - low > 16 ? 5 : 1;
        List<Figure.Mark> marks = new ArrayList<>();
        for (int i = 0; i < stops.size(); i++) {
            marks.add(new Figure.Mark(
                    stops.get(i), i == 0 ? "start" : String.valueOf(stops.get(i)), i < stops.size() - 1));
        }
        String alt = "A number line from " + low + " to " + high + " with a mark at each stop: " + stops + ".";
        return new Block[] {
            new Block.Text(say.append('.').toString()),
            new Block.Picture(new Figure.NumberLine(alt, low, high, step, marks))
        };
    }
}
