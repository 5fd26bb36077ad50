package littlesummit.app.exchange.archive;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.zip.ZipOutputStream;
import littlesummit.app.headway.Headway;
import littlesummit.app.people.ClassesService;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.web.Download;
import littlesummit.app.web.Site;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Everything of a person, for that person and for the instructor of the class; and of a whole class. */
@RestController
@RequestMapping("/api/exchange")
class ArchiveController {
    private final PersonArchive persons;
    private final ClassArchive classes;
    private final PeopleService people;
    private final ClassesService taught;

    ArchiveController(PersonArchive persons, ClassArchive classes, PeopleService people, ClassesService taught) {
        this.taught = taught;
        this.persons = persons;
        this.classes = classes;
        this.people = people;
    }

    @GetMapping(path = "/own-archive.zip", produces = "application/zip")
    void own(@AuthenticationPrincipal Person person, HttpServletResponse response) throws IOException {
        send(response, to -> persons.write(person, Site.address(), to));
    }

    @GetMapping(path = "/students/{id}/archive.zip", produces = "application/zip")
    void ofAStudent(@AuthenticationPrincipal Person person, @PathVariable String id, HttpServletResponse response)
            throws IOException {
        Person student = people.student(Instructors.only(person), id);
        send(response, to -> persons.write(student, Site.address(), to));
    }

    /** @param of id of a class that one teaches; the open one without it */
    @GetMapping(path = "/class-archive.zip", produces = "application/zip")
    void ofTheClass(
            @AuthenticationPrincipal Person person, @RequestParam Optional<String> of, HttpServletResponse response)
            throws IOException {
        Person instructor = Instructors.only(person);
        Person looking = of.map(id -> taught.lookingAt(instructor, id)).orElse(instructor);
        send(response, to -> classes.write(looking, Site.address(), to, Headway.UNTOLD));
    }

    private interface Content {
        void write(Folder to) throws IOException;
    }

    /** While it is written: nobody waits for the whole of it, and no more than a page is held. */
    private static void send(HttpServletResponse response, Content content) throws IOException {
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, Download.disposition("little-summit.zip"));
        ZipOutputStream zip = new ZipOutputStream(response.getOutputStream(), StandardCharsets.UTF_8);
        content.write(new Folder(zip, ""));
        zip.finish();
    }
}
