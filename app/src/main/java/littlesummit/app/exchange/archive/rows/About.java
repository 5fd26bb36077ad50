package littlesummit.app.exchange.archive.rows;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import littlesummit.app.web.Problem;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationVersion;

/**
 * What the records of an archive are.
 *
 * @param what always {@link #WHAT}
 * @param layout of the database that they come from
 */
record About(String what, String layout) {
    private static final String WHAT = "class of Little Summit";

    /**
     * The oldest layout whose rows are taken in: since then columns and tables have only been added. A migration that
     * changes what a column means, or takes one away, moves it to its own number.
     */
    static final String OLDEST = "19";

    static About here(String layout) {
        return new About(WHAT, layout);
    }

    /**
     * Whether the records come from a layout before the one here, so that they may lack what was added since.
     *
     * @throws Problem when it is no archive of a class, or one of a layout that cannot be read here
     */
    static boolean isOlder(Optional<ObjectNode> about, String layout) {
        ObjectNode row = about.filter(a -> a.path("what").asText().equals(WHAT))
                .orElseThrow(() -> Problem.badRequest("This is no archive of a class: it has no records of one."));
        String said = row.path("layout").asText();
        MigrationVersion theirs = version(said);
        MigrationVersion here = version(layout);
        if (theirs.compareTo(here) > 0) {
            throw Problem.badRequest("This archive comes from a newer version of Little Summit (layout " + said
                    + "; here it is " + layout + "). Bring this server to the same version first.");
        }
        if (theirs.compareTo(version(OLDEST)) < 0) {
            throw Problem.badRequest("This archive comes from an old version of Little Summit (layout " + said + "; "
                    + OLDEST + " and later ones can be read). Bring that server up to date, and make it again.");
        }
        return theirs.compareTo(here) < 0;
    }

    private static MigrationVersion version(String number) {
        try {
            return MigrationVersion.fromVersion(number);
        } catch (FlywayException none) {
            throw Problem.badRequest("This archive does not say from which version of Little Summit it comes.");
        }
    }
}
