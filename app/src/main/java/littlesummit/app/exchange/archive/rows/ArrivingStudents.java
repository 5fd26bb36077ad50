package littlesummit.app.exchange.archive.rows;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Set;
import littlesummit.app.people.Person;
import littlesummit.app.people.RosterService;
import littlesummit.app.web.Problem;
import org.springframework.stereotype.Component;

/** Makes an account for each student of an archive: a code opens it once, since nobody can read a password. */
@Component
class ArrivingStudents {
    private static final int MOST_EXTRA = 200;
    private final RosterService roster;

    ArrivingStudents(RosterService roster) {
        this.roster = roster;
    }

    /** @param says how the student signs in here */
    record Arrived(String id, String name, String says) {}

    /** @throws Problem for what cannot be a student */
    Arrived arrive(Person teacher, ObjectNode row) {
        String before = row.path("username").asText();
        String name = row.path("name").asText();
        boolean isFree = roster.plan(name, before, Set.of()).refusal().isEmpty();
        RosterService.Invited made =
                roster.invite(teacher, name, row.path("family_name").asText(""), isFree ? before : "");
        int extra = row.path("extra_time").asInt();
        if (extra < 0 || extra > MOST_EXTRA) {
            throw Problem.badRequest(
                    "Extra time is from 0 to " + MOST_EXTRA + " percent; " + name + " has " + extra + ".");
        }
        roster.allowExtraTime(teacher, made.id(), extra);
        if (row.path("sourced_id").isTextual()) {
            roster.comesFrom(teacher, made.id(), row.path("sourced_id").textValue());
        }
        boolean isClosed = row.path("closed_at").isTextual();
        if (isClosed) {
            roster.close(teacher, made.id());
        }
        String signsIn = isFree
                ? "signs in as " + made.username()
                : "signs in as " + made.username() + "; “" + before + "” is taken here";
        return new Arrived(made.id(), name, isClosed ? signsIn + "; the account is closed" : signsIn);
    }
}
