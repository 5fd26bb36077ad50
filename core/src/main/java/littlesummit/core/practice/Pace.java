package littlesummit.core.practice;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * A straight way to a goal: from nothing at the start to so many skills by a day.
 *
 * @param skills to be known by {@code date}, from 1
 */
public record Pace(LocalDate start, LocalDate date, int skills) {
    private static final double DAYS_A_WEEK = 7;

    public Pace {
        if (!date.isAfter(start) || skills < 1) {
            throw new IllegalArgumentException("no way from " + start + " to " + skills + " skills by " + date);
        }
    }

    /** Skills that are known by a day when all goes evenly. */
    public double at(LocalDate day) {
        double share = (double) ChronoUnit.DAYS.between(start, day) / ChronoUnit.DAYS.between(start, date);
        return skills * Math.clamp(share, 0, 1);
    }

    /** Skills a week that are needed from now on; none when all are known, all at once when the day is over. */
    public double aWeek(int known, LocalDate today) {
        double weeks = ChronoUnit.DAYS.between(today, date) / DAYS_A_WEEK;
        return Math.max(0, skills - known) / Math.max(weeks, 1 / DAYS_A_WEEK);
    }

    /** Where one stands who knows so many skills, in a sentence or two. */
    public String says(int known, LocalDate today) {
        if (known >= skills) {
            return "The goal of " + counted(skills) + " is reached.";
        }
        if (!today.isBefore(date)) {
            return "The day of the goal is over: " + known + " of " + counted(skills) + " are known.";
        }
        double ahead = known - at(today);
        String stands = Math.abs(ahead) < 1
                ? "on the pace"
                : counted((int) Math.abs(ahead)) + (ahead > 0 ? " ahead of the pace" : " behind the pace");
        return known + " of " + counted(skills) + " are known, " + stands + ". From now on it takes "
                + rate(known, today) + ".";
    }

    private String rate(int known, LocalDate today) {
        double aWeek = aWeek(known, today);
        long tenths = Math.round(10 * aWeek);
        return tenths >= 10
                ? (tenths % 10 == 0 ? tenths / 10 : tenths / 10 + "." + tenths % 10)
                        + (tenths == 10 ? " skill a week" : " skills a week")
                : tenths >= 7 ? "about one skill a week" : "one skill in " + Math.round(1 / aWeek) + " weeks";
    }

    private static String counted(int n) {
        return n == 1 ? "one skill" : n + " skills";
    }
}
