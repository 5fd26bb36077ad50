package littlesummit.app.exchange.xapi;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;

/**
 * One thing that somebody did, in the shape of xAPI 1.0.3. What is null is left out.
 *
 * @param id the same whenever the statement is made again
 * @param timestamp ISO 8601, in UTC
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Statement(
        String id,
        Actor actor,
        Verb verb,
        Activity object,
        Result result,
        Context context,
        String timestamp,
        String version) {
    static final String VERSION = "1.0.3";

    record Actor(String objectType, String name, Account account) {
        /** @param id of the account: no name and no address that would be known elsewhere */
        static Actor of(String home, String id, String name) {
            return new Actor("Agent", name, new Account(home, id));
        }
    }

    record Account(String homePage, String name) {}

    record Verb(String id, Map<String, String> display) {}

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Activity(String objectType, String id, Definition definition) {
        static Activity of(String id, String name, String type, String interaction) {
            return new Activity("Activity", id, new Definition(Map.of("en", name), type, interaction));
        }
    }

    /** @param interactionType for items alone */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Definition(Map<String, String> name, String type, String interactionType) {}

    /** @param score of something that is marked in percent */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Result(Score score, Boolean success, Boolean completion, String response, Map<String, Object> extensions) {
        static Result scored(int percent) {
            return new Result(new Score(percent / 100.0, percent, 0, 100), null, true, null, null);
        }
    }

    /** @param scaled 0 to 1 */
    record Score(double scaled, int raw, int min, int max) {}

    record Context(String platform, Activities contextActivities) {}

    record Activities(List<Reference> parent, List<Reference> grouping) {}

    record Reference(String objectType, String id) {
        static Reference to(String id) {
            return new Reference("Activity", id);
        }
    }
}
