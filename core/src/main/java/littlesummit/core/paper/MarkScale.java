package littlesummit.core.paper;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How marks become percent and, where a class has them, words of its own such as "secure".
 *
 * @param grades the highest first; empty where percent say it all
 */
public record MarkScale(List<Grade> grades) {
    /** Percent alone. */
    public static final MarkScale PERCENT = new MarkScale(List.of());

    /** Grades that a scale may have. */
    public static final int MOST_GRADES = 12;

    /** Letters that the word of a grade may have. */
    public static final int LONGEST_WORD = 30;

    /** @param from percent from which it is given, 0 to 100 */
    public record Grade(int from, String word) {}

    public MarkScale {
        grades = grades.stream()
                .sorted(Comparator.comparingInt(Grade::from).reversed())
                .toList();
    }

    /** Why these grades make no scale, in a sentence; empty when they do. */
    public Optional<String> refusal() {
        if (grades.size() > MOST_GRADES) {
            return Optional.of("A scale has at most " + MOST_GRADES + " grades.");
        }
        if (grades.stream().anyMatch(g -> g.word().isBlank())) {
            return Optional.of("Every grade needs a word.");
        }
        if (grades.stream().anyMatch(g -> g.word().length() > LONGEST_WORD)) {
            return Optional.of("The word of a grade may have at most " + LONGEST_WORD + " characters.");
        }
        if (grades.stream().anyMatch(g -> g.from() < 0 || g.from() > 100)) {
            return Optional.of("A grade begins somewhere from 0 to 100 percent.");
        }
        if (grades.stream().map(Grade::from).distinct().count() < grades.size()) {
            return Optional.of("Two grades begin at the same percent. Give each a percent of its own.");
        }
        return grades.isEmpty() || grades.getLast().from() == 0
                ? Optional.empty()
                : Optional.of("The lowest grade has to begin at 0 percent, so that every result has a word.");
    }

    /** Marks in whole percent, half a percent rounded up; 0 of nothing. */
    public static int percent(int have, int most) {
        return most == 0 ? 0 : (200 * have + most) / (2 * most);
    }

    /** The word for so many percent; empty where there is none. */
    public Optional<String> word(int percent) {
        return grades.stream().filter(g -> percent >= g.from()).map(Grade::word).findFirst();
    }

    /** The fewest marks that earn a grade, as the percent are rounded. */
    public static int fewest(Grade grade, int most) {
        int marks = 0;
        while (marks < most && percent(marks, most) < grade.from()) {
            marks++;
        }
        return marks;
    }
}
