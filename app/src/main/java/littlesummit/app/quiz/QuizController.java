package littlesummit.app.quiz;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import littlesummit.app.people.Person;
import littlesummit.app.served.SentEntries;
import littlesummit.app.web.RequestKey;
import littlesummit.app.web.Tag;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The quiz of an assignment. */
@RestController
@RequestMapping("/api/quiz/{assignmentId}")
class QuizController {
    private final QuizService quizzes;

    QuizController(QuizService quizzes) {
        this.quizzes = quizzes;
    }

    record Flag(boolean on) {}

    record Submission(int round) {}

    record Correction(
            @NotNull(message = "The note is missing.")
            @Size(max = 2000, message = "A note may have at most 2000 characters.")
            String note) {}

    @GetMapping
    QuizView view(@AuthenticationPrincipal Person person, @PathVariable String assignmentId) {
        return quizzes.view(person, assignmentId);
    }

    @PostMapping("/start")
    QuizView start(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @RequestHeader(RequestKey.HEADER) String key) {
        return quizzes.start(person, assignmentId, RequestKey.valid(key));
    }

    @PutMapping("/items/{itemId}")
    ResponseEntity<Void> save(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @PathVariable String itemId,
            @RequestHeader(RequestKey.HEADER) String key,
            @RequestHeader(name = Tag.BUILT_ON, required = false) Optional<String> builtOn,
            @Valid @RequestBody SentEntries request) {
        Tag tag = quizzes.save(person, assignmentId, itemId, request.entries(), builtOn, RequestKey.valid(key));
        return ResponseEntity.noContent().eTag(tag.value()).build();
    }

    @PutMapping("/items/{itemId}/flag")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void flag(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @PathVariable String itemId,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody Flag request) {
        quizzes.flag(person, assignmentId, itemId, request.on(), RequestKey.valid(key));
    }

    @PostMapping("/submit")
    QuizView submit(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody Submission request) {
        return quizzes.submit(person, assignmentId, request.round(), RequestKey.valid(key));
    }

    @GetMapping("/rounds/{number}")
    QuizView.RoundResult result(
            @AuthenticationPrincipal Person person, @PathVariable String assignmentId, @PathVariable int number) {
        return quizzes.result(person, assignmentId, number);
    }

    @PostMapping("/rounds/{number}/corrections/{slot}")
    QuizView.RoundResult correct(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @PathVariable int number,
            @PathVariable int slot,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody Correction request) {
        return quizzes.correct(person, assignmentId, number, slot, request.note(), RequestKey.valid(key));
    }
}
