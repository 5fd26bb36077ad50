package littlesummit.app.exchange.xapi;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.quiz.QuizRecord;
import littlesummit.app.web.Json;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Skill;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** What students did, for a record store: a statement a line. */
@RestController
@RequestMapping("/api/exchange")
class XapiController {
    private final PracticeRecord practice;
    private final QuizRecord quizzes;
    private final PeopleService people;
    private final ItemSource items;
    private final Json json;

    XapiController(PracticeRecord practice, QuizRecord quizzes, PeopleService people, ItemSource items, Json json) {
        this.practice = practice;
        this.quizzes = quizzes;
        this.people = people;
        this.items = items;
        this.json = json;
    }

    /** One's own. */
    @GetMapping(path = "/own-statements.jsonl", produces = "application/jsonl")
    ResponseEntity<String> own(@AuthenticationPrincipal Person person) {
        return file(statements(home(), person));
    }

    /** Of all students of the class that the instructor has open. */
    @GetMapping(path = "/statements.jsonl", produces = "application/jsonl")
    ResponseEntity<String> ofTheClass(@AuthenticationPrincipal Person person) {
        String home = home();
        return file(people.students(Instructors.only(person).classId()).stream()
                .flatMap(student -> statements(home, people.require(student.id()))));
    }

    private Stream<String> statements(String home, Person person) {
        UnaryOperator<String> nameOf = id -> items.find(id)
                .or(() -> items.lesson(id).map(Skill.class::cast))
                .map(Skill::name)
                .orElse(id);
        Statements made = new Statements(home, person.id(), person.name(), nameOf);
        List<Statement> all = Stream.concat(
                        practice.history(person.id()).stream().flatMap(happened -> made.of(happened).stream()),
                        quizzes.rounds(person).stream().map(made::of))
                .toList();
        return all.stream().map(json::write);
    }

    private static ResponseEntity<String> file(Stream<String> lines) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/jsonl;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"statements.jsonl\"")
                .body(lines.map(line -> line + "\n").collect(Collectors.joining()));
    }

    private static String home() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().toUriString();
    }
}
