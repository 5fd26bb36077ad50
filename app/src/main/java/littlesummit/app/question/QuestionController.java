package littlesummit.app.question;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.question.QuestionService.Question;
import littlesummit.app.web.RequestKey;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Asking and answering. */
@RestController
@RequestMapping("/api/questions")
class QuestionController {
    private final QuestionService questions;

    QuestionController(QuestionService questions) {
        this.questions = questions;
    }

    record Ask(
            @NotNull(message = "The item is missing.") String itemId,

            @NotBlank(message = "Write what you want to ask.")
            @Size(max = 1000, message = "A question may have at most 1000 characters.")
            String question) {}

    record Reply(
            @NotBlank(message = "Write an answer first.")
            @Size(max = 2000, message = "An answer may have at most 2000 characters.")
            String answer) {}

    @GetMapping
    List<Question> all(@AuthenticationPrincipal Person person) {
        return questions.of(person);
    }

    @PostMapping
    Question ask(
            @AuthenticationPrincipal Person person,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody Ask request) {
        return questions.ask(person, request.itemId(), request.question(), RequestKey.valid(key));
    }

    @PostMapping("/{id}/answer")
    Question answer(
            @AuthenticationPrincipal Person person, @PathVariable String id, @Valid @RequestBody Reply request) {
        return questions.answer(Instructors.only(person), id, request.answer());
    }
}
