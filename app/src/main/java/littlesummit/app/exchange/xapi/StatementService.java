package littlesummit.app.exchange.xapi;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.quiz.QuizRecord;
import littlesummit.app.web.Json;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;

/** What somebody did, as statements. */
@Service
public class StatementService {
    private final PracticeRecord practice;
    private final QuizRecord quizzes;
    private final ItemSource items;
    private final Json json;

    StatementService(PracticeRecord practice, QuizRecord quizzes, ItemSource items, Json json) {
        this.practice = practice;
        this.quizzes = quizzes;
        this.items = items;
        this.json = json;
    }

    /**
     * Lines of JSON.
     *
     * @param home address of the server
     */
    public Stream<String> lines(String home, Person person) {
        UnaryOperator<String> nameOf = id -> items.generator(id).name();
        Statements made = new Statements(home, person.id(), person.name(), nameOf);
        List<Statement> all = Stream.concat(
                        practice.history(person.id()).stream().flatMap(happened -> made.of(happened).stream()),
                        quizzes.rounds(person).stream().map(made::of))
                .toList();
        return all.stream().map(json::write);
    }
}
