package littlesummit.app.exchange.store;

import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.web.Site;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The record store of the server, for the class that the instructor has open. */
@RestController
@RequestMapping("/api/exchange/record-store")
class RecordStoreController {
    private final SendingService sending;

    RecordStoreController(SendingService sending) {
        this.sending = sending;
    }

    @GetMapping
    SendingService.StoreView store(@AuthenticationPrincipal Person person) {
        return sending.view(Instructors.only(person));
    }

    /** All statements of one student; what the store has already it does not keep twice. */
    @PostMapping("/students/{id}")
    SendingService.Sent send(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return sending.send(Instructors.only(person), Site.address(), id);
    }
}
