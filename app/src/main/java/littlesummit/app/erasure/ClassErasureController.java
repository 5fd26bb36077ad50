package littlesummit.app.erasure;

import jakarta.validation.constraints.NotNull;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A class that is over leaves the server, for the one who teaches it. */
@RestController
@RequestMapping("/api/classes/{id}/everything")
class ClassErasureController {
    private final ClassErasureService erasure;

    ClassErasureController(ClassErasureService erasure) {
        this.erasure = erasure;
    }

    /** @param name of the class, as whoever deletes it has typed it */
    record Typed(@NotNull(message = "The name is missing.") String name) {}

    @GetMapping
    ClassErasureService.GoingClass going(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return erasure.going(Instructors.only(person), id);
    }

    @PostMapping("/erase")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@AuthenticationPrincipal Person person, @PathVariable String id, @RequestBody Typed typed) {
        erasure.erase(Instructors.only(person), id, typed.name());
    }
}
