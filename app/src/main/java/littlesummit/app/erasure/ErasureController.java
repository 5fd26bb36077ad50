package littlesummit.app.erasure;

import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** For the instructor of the class alone. */
@RestController
@RequestMapping("/api/class/students/{id}/everything")
class ErasureController {
    private final ErasureService erasure;

    ErasureController(ErasureService erasure) {
        this.erasure = erasure;
    }

    @GetMapping
    ErasureService.Going going(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return erasure.going(Instructors.only(person), id);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@AuthenticationPrincipal Person person, @PathVariable String id) {
        erasure.erase(Instructors.only(person), id);
    }
}
