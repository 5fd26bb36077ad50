package littlesummit.app.served;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import littlesummit.app.ApiTest;
import littlesummit.app.Client.Answer;
import littlesummit.app.ToCome;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.PointsScheme;
import littlesummit.core.quiz.QuizPlan;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Of two windows, none wipes out what the other has kept, wherever something is typed. */
class TwoWindowsApiTest extends ApiTest {
    enum Place {
        PRACTICE,
        LINES,
        QUIZ
    }

    /**
     * Where something is typed.
     *
     * @param read address at which it is found
     * @param write address at which it is kept
     * @param value where in what is read it stands, and {@code tag} where its tag does
     */
    private record Typing(String read, String write, String value, String tag, boolean isLine) {
        String body(String text) {
            return isLine ? lines(text) : "{\"entries\":[{\"answer\":\"" + text + "\"}]}";
        }
    }

    private Typing typing(Place place) {
        return switch (place) {
            case PRACTICE -> {
                String practice = assigned(new Target.Score(80), Policy.DEFAULT, "scientific-notation");
                yield new Typing(
                        practice,
                        "/api/items/" + itemId(practice) + "/draft",
                        "/item/draft/0/answer",
                        "/item/draftTag",
                        false);
            }
            case LINES -> {
                String page = "/api/items/"
                        + itemId(assigned(new Target.Score(80), Policy.DEFAULT, "scientific-notation")) + "/work";
                yield new Typing(page, page, "/lines/0/text", "/tag", true);
            }
            case QUIZ -> {
                String quiz = "/api/quiz/"
                        + assignments
                                .add(
                                        student.classId(),
                                        "Round",
                                        List.of("scientific-notation"),
                                        new Target.Quiz(100),
                                        Policy.DEFAULT,
                                        Optional.of(new QuizPlan(
                                                List.of(new QuizPlan.Share("scientific-notation", 1)),
                                                45,
                                                3,
                                                100,
                                                PointsScheme.DEFAULT,
                                                Policy.Calculator.AS_ITEM,
                                                false)),
                                        Optional.empty(),
                                        ToCome.NEXT_YEAR)
                                .id();
                String item = client.post(quiz + "/start", "{}")
                        .body()
                        .at("/running/items/0/item/id")
                        .textValue();
                yield new Typing(
                        quiz,
                        quiz + "/items/" + item,
                        "/running/items/0/item/parts/0/entries/answer",
                        "/running/items/0/item/draftTag",
                        false);
            }
        };
    }

    private String found(Typing at, String pointer) {
        return client.get(at.read()).body().at(pointer).asText();
    }

    @ParameterizedTest
    @EnumSource(Place.class)
    void aChangeIsTakenWithItsTagAndFoundUnderIt(Place place) {
        Typing at = typing(place);
        Answer first = client.put(at.write(), at.body("1"), found(at, at.tag()));
        assertEquals(2, first.status() / 100, first.text());
        assertEquals(first.tag(), found(at, at.tag()));
        Answer second = client.put(at.write(), at.body("12"), first.tag());
        assertEquals(2, second.status() / 100);
        assertEquals("12", found(at, at.value()));
    }

    @ParameterizedTest
    @EnumSource(Place.class)
    void theSecondWindowIsShownWhatTheFirstHasKept(Place place) {
        Typing at = typing(place);
        String opened = found(at, at.tag());
        String kept = client.put(at.write(), at.body("first"), opened).tag();
        Answer refused = client.put(at.write(), at.body("second"), opened);
        assertEquals(412, refused.status());
        assertEquals(kept, refused.body().at("/tag").textValue());
        JsonNode current = refused.body().at("/current");
        assertEquals(
                "first",
                Stream.of("/entries/0/answer", "/lines/0/text")
                        .map(current::at)
                        .filter(n -> !n.isMissingNode())
                        .findFirst()
                        .orElseThrow()
                        .textValue());
        assertEquals("first", found(at, at.value()));
        assertEquals(2, client.put(at.write(), at.body("second"), kept).status() / 100);
        assertEquals("second", found(at, at.value()));
    }

    @ParameterizedTest
    @EnumSource(Place.class)
    void aSaveThatIsSentAgainIsNoChangeOfSomebodyElse(Place place) {
        Typing at = typing(place);
        String opened = found(at, at.tag());
        client.put(at.write(), at.body("1"), opened);
        assertEquals(2, client.put(at.write(), at.body("1"), opened).status() / 100);
    }
}
