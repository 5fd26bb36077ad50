package littlesummit.app.people;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says on the console how an empty server is set up. */
@Component
class SetUpNotice {
    private final PeopleService people;
    private final SetUpService setUp;

    SetUpNotice(PeopleService people, SetUpService setUp) {
        this.people = people;
        this.setUp = setUp;
    }

    @EventListener(ApplicationReadyEvent.class)
    void say() {
        if (people.isEmpty()) {
            System.out.println("Nobody has an account here yet. Open the address in a browser and set it up with the code " + setUp.newCode());
        }
    }
}
