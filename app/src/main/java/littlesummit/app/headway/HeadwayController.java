package littlesummit.app.headway;

import littlesummit.app.people.Person;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far a request of one's own has come. */
@RestController
@RequestMapping("/api/headway")
class HeadwayController {
    private final Headways headways;

    HeadwayController(Headways headways) {
        this.headways = headways;
    }

    @GetMapping("/{id}")
    HeadwayView headway(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return headways.find(person, id);
    }
}
