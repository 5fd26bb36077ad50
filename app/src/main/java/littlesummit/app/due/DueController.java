package littlesummit.app.due;

import littlesummit.app.people.Person;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The list of due work. */
@RestController
class DueController {
    private final DueService due;

    DueController(DueService due) {
        this.due = due;
    }

    @GetMapping("/api/due")
    DueView.Due due(@AuthenticationPrincipal Person person) {
        return due.due(person);
    }
}
