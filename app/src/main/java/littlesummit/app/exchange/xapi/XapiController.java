package littlesummit.app.exchange.xapi;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.web.Download;
import littlesummit.app.web.Site;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What students did, for a record store: a statement a line. */
@RestController
@RequestMapping("/api/exchange")
class XapiController {
    private final StatementService statements;
    private final PeopleService people;

    XapiController(StatementService statements, PeopleService people) {
        this.statements = statements;
        this.people = people;
    }

    /** One's own. */
    @GetMapping(path = "/own-statements.jsonl", produces = "application/jsonl")
    ResponseEntity<String> own(@AuthenticationPrincipal Person person) {
        return file(statements.lines(Site.address(), person));
    }

    /** Of all students of the class that the instructor has open. */
    @GetMapping(path = "/statements.jsonl", produces = "application/jsonl")
    ResponseEntity<String> ofTheClass(@AuthenticationPrincipal Person person) {
        String home = Site.address();
        return file(people.students(Instructors.only(person).classId()).stream()
                .flatMap(student -> statements.lines(home, people.require(student.id()))));
    }

    private static ResponseEntity<String> file(Stream<String> lines) {
        return Download.of(
                "statements.jsonl",
                "application/jsonl;charset=UTF-8",
                lines.map(line -> line + "\n").collect(Collectors.joining()));
    }
}
