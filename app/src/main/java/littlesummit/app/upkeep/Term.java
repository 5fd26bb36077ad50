package littlesummit.app.upkeep;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;

/**
 * Half a year, from the first of February or of August (UTC): in many countries a school year or a half of one ends
 * before these days, so that few assignments are cut in two.
 */
record Term(LocalDate start) {
    private static final int MONTHS = 6;

    static Term of(Instant moment) {
        LocalDate month =
                LocalDate.ofInstant(moment, ZoneOffset.UTC).minusMonths(1).withDayOfMonth(1);
        return new Term(month.minusMonths((month.getMonthValue() - 1) % MONTHS).plusMonths(1));
    }

    Term next() {
        return new Term(start.plusMonths(MONTHS));
    }

    Instant from() {
        return start.atStartOfDay(ZoneOffset.UTC).toInstant();
    }

    /** Not in it any more. */
    Instant to() {
        return next().from();
    }

    /** As it stands at the end of the name of a part of the log, such as 2026_08. */
    String suffix() {
        return "%04d_%02d".formatted(start.getYear(), start.getMonthValue());
    }
}
