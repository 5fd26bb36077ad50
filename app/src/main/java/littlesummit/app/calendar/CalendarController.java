package littlesummit.app.calendar;

import java.time.Instant;
import java.util.Optional;
import littlesummit.app.people.Person;
import littlesummit.app.web.Download;
import littlesummit.app.web.Site;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Dates for one's own calendar. */
@RestController
@RequestMapping("/api/calendar")
class CalendarController {
    private static final String TYPE = "text/calendar;charset=UTF-8";
    private static final String ENDING = ".ics";
    private final CalendarService calendar;

    CalendarController(CalendarService calendar) {
        this.calendar = calendar;
    }

    /** @param madeAt of the private address; empty where there is none */
    record CalendarState(Optional<Instant> madeAt) {}

    /** @param address for a calendar program; it is said once, and kept nowhere */
    record CalendarAddress(String address) {}

    @GetMapping
    CalendarState state(@AuthenticationPrincipal Person person) {
        return new CalendarState(calendar.madeAt(person));
    }

    @PostMapping("/address")
    CalendarAddress renew(@AuthenticationPrincipal Person person) {
        return new CalendarAddress(Site.address() + "/api/calendar/of/" + calendar.renew(person) + ENDING);
    }

    @DeleteMapping("/address")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal Person person) {
        calendar.remove(person);
    }

    /** The file as it is now, to be taken once. */
    @GetMapping(path = "/dates.ics", produces = TYPE)
    ResponseEntity<String> file(@AuthenticationPrincipal Person person) {
        return answer(calendar.file(person, Site.address()));
    }

    /** For a calendar program, which cannot sign in: whoever knows the secret reads the dates, and nothing else. */
    @GetMapping(path = "/of/{secret}", produces = TYPE)
    ResponseEntity<String> of(@PathVariable String secret) {
        return answer(calendar.of(secret.replaceFirst("\\.ics$", ""), Site.address()));
    }

    private static ResponseEntity<String> answer(String file) {
        return Download.of("dates.ics", TYPE, file);
    }
}
