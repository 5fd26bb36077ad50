package littlesummit.app.due;

import littlesummit.app.people.Person;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The list of due work. */
@RestController
class DueController {
    private final DueService due;

    DueController(DueService due) {
        this.due = due;
    }

    /** @param all whether also what is finished and past belongs to it, and late work of long ago */
    @GetMapping("/api/due")
    DueView.Due due(@AuthenticationPrincipal Person person, @RequestParam(defaultValue = "false") boolean all) {
        return due.due(person, all);
    }
}
