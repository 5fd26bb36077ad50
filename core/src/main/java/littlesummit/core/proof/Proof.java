package littlesummit.core.proof;

import java.util.List;
import java.util.Locale;
import littlesummit.core.template.Complaint;

/**
 * What came of looking at the items of a skill.
 *
 * @param seen how many items were looked at
 * @param possible how many there are, about; the same as {@code seen} where all were looked at
 * @param complaints numbers for which no item can be made
 * @param findings what does not hold
 */
public record Proof(long seen, double possible, List<Complaint> complaints, List<Finding> findings) {
    public Proof {
        complaints = List.copyOf(complaints);
        findings = List.copyOf(findings);
    }

    public boolean holds() {
        return complaints.isEmpty() && findings.isEmpty();
    }

    public boolean isWhole() {
        return possible <= seen;
    }

    /** How much was looked at, such as “all 8,640 items” or “10,000 of about 3.2 million items”. */
    public String extent() {
        return isWhole() ? "all " + grouped(seen) + " items" : grouped(seen) + " of " + about() + " items";
    }

    private String about() {
        return possible < 1e12 ? "about " + round(possible) : round(possible);
    }

    private static String grouped(double count) {
        return String.format(Locale.ROOT, "%,d", Math.round(count));
    }

    private static String round(double count) {
        if (count < 1e6) {
            return grouped(count);
        }
        return count < 1e9
                ? String.format(Locale.ROOT, "%.1f million", count / 1e6)
                : count < 1e12 ? String.format(Locale.ROOT, "%.1f billion", count / 1e9) : "more than a trillion";
    }

    /** How far a proof has come, for somebody who waits. */
    public interface Progress {
        /** @return whether to go on */
        boolean at(long seen, long of);

        Progress NONE = (seen, of) -> true;
    }
}
