package littlesummit.core.paper;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** The marks that a student gives to own work, with the solutions beside it. */
public sealed interface SelfMark {
    /** @param earned ids of the lines that are there, one set an item */
    record ByLine(List<Set<String>> earned) implements SelfMark {
        public ByLine {
            earned = earned.stream().map(Set::copyOf).toList();
        }

        @Override
        public int have(List<MarkScheme> schemes) {
            return earned.stream().mapToInt(Set::size).sum();
        }

        @Override
        public Optional<String> refusal(List<MarkScheme> schemes) {
            boolean fits = earned.size() == schemes.size()
                    && IntStream.range(0, earned.size())
                            .allMatch(i -> ids(schemes.get(i)).containsAll(earned.get(i)));
            return fits ? Optional.empty() : Optional.of("These are not the lines of this sheet.");
        }

        private static Set<String> ids(MarkScheme scheme) {
            return scheme.earning().stream().map(MarkScheme.Line::id).collect(Collectors.toCollection(HashSet::new));
        }
    }

    /** The sum alone, as it was counted on paper. */
    record Total(int marks) implements SelfMark {
        @Override
        public int have(List<MarkScheme> schemes) {
            return marks;
        }

        @Override
        public Optional<String> refusal(List<MarkScheme> schemes) {
            int most = most(schemes);
            return marks >= 0 && marks <= most
                    ? Optional.empty()
                    : Optional.of("This sheet has " + most + " marks. Enter a number from 0 to " + most + ".");
        }
    }

    /** Marks in all. */
    int have(List<MarkScheme> schemes);

    /** Why it does not fit the sheet, in a sentence; empty when it does. */
    Optional<String> refusal(List<MarkScheme> schemes);

    /** Marks of a whole sheet. */
    static int most(List<MarkScheme> schemes) {
        return schemes.stream().mapToInt(MarkScheme::most).sum();
    }
}
