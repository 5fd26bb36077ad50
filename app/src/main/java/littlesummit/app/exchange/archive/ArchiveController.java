package littlesummit.app.exchange.archive;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Everything of a person, for that person and for the instructor of the class. */
@RestController
@RequestMapping("/api/exchange")
class ArchiveController {
    private final PersonArchive archive;
    private final PeopleService people;

    ArchiveController(PersonArchive archive, PeopleService people) {
        this.archive = archive;
        this.people = people;
    }

    @GetMapping(path = "/own-archive.zip", produces = "application/zip")
    void own(@AuthenticationPrincipal Person person, HttpServletResponse response) throws IOException {
        send(person, response);
    }

    @GetMapping(path = "/students/{id}/archive.zip", produces = "application/zip")
    void ofAStudent(@AuthenticationPrincipal Person person, @PathVariable String id, HttpServletResponse response)
            throws IOException {
        send(people.student(Instructors.only(person), id), response);
    }

    private void send(Person person, HttpServletResponse response) throws IOException {
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"little-summit.zip\"");
        archive.write(
                person, ServletUriComponentsBuilder.fromCurrentContextPath().toUriString(), response.getOutputStream());
    }
}
