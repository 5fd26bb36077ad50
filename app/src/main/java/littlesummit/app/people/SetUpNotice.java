package littlesummit.app.people;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Says on the console what only whoever starts the server may know: how an empty one is set up, and a way back for one
 * who has no colleague to ask.
 */
@Component
class SetUpNotice {
    private final PeopleService people;
    private final SetUpService setUp;
    private final RosterService roster;
    private final String codeFor;

    /** @param codeFor who signs in so and has forgotten the password; blank for nobody */
    SetUpNotice(
            PeopleService people,
            SetUpService setUp,
            RosterService roster,
            @Value("${summit.code-for:}") String codeFor) {
        this.people = people;
        this.setUp = setUp;
        this.roster = roster;
        this.codeFor = codeFor;
    }

    @EventListener(ApplicationReadyEvent.class)
    void say() {
        if (people.isEmpty()) {
            System.out.println(
                    "Nobody has an account here yet. Open the address in a browser and set it up with the code "
                            + setUp.newCode());
        }
        if (!codeFor.isBlank()) {
            System.out.println(roster.newCodeFor(codeFor)
                    .map(code -> codeFor + " signs in once with the code " + code)
                    .orElse("Nobody signs in as " + codeFor + "."));
        }
    }
}
