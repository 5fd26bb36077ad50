package littlesummit.app.exchange.archive.rows;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import littlesummit.app.web.Problem;

/**
 * What the records of an archive are.
 *
 * @param what always {@link #WHAT}
 * @param layout of the database that they come from
 */
record About(String what, String layout) {
    private static final String WHAT = "class of Little Summit";

    static About here(String layout) {
        return new About(WHAT, layout);
    }

    /** @throws Problem when it is no archive of a class, or one of another layout */
    static void require(Optional<ObjectNode> about, String layout) {
        ObjectNode row = about.filter(a -> a.path("what").asText().equals(WHAT))
                .orElseThrow(() -> Problem.badRequest("This is no archive of a class: it has no records of one."));
        String theirs = row.path("layout").asText();
        if (!theirs.equals(layout)) {
            throw Problem.badRequest("This archive comes from another version of Little Summit (layout " + theirs
                    + "; here it is " + layout + "). Bring both servers to the same version, and make it again.");
        }
    }
}
