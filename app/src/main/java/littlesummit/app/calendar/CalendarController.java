package littlesummit.app.calendar;

import java.time.Instant;
import java.util.Optional;
import littlesummit.app.people.Person;
import org.springframework.http.HttpHeaders;
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
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

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
        return new CalendarAddress(site() + "/api/calendar/of/" + calendar.renew(person) + ENDING);
    }

    @DeleteMapping("/address")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal Person person) {
        calendar.remove(person);
    }

    /** The file as it is now, to be taken once. */
    @GetMapping(path = "/dates.ics", produces = TYPE)
    ResponseEntity<String> file(@AuthenticationPrincipal Person person) {
        return answer(calendar.file(person, site()));
    }

    /** For a calendar program, which cannot sign in: whoever knows the secret reads the dates, and nothing else. */
    @GetMapping(path = "/of/{secret}", produces = TYPE)
    ResponseEntity<String> of(@PathVariable String secret) {
        return answer(calendar.of(secret.replaceFirst("\\.ics$", ""), site()));
    }

    private static ResponseEntity<String> answer(String file) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, TYPE)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"dates.ics\"")
                .header(HttpHeaders.CACHE_CONTROL, "private, no-store")
                .header("X-Content-Type-Options", "nosniff")
                .body(file);
    }

    private static String site() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }
}
