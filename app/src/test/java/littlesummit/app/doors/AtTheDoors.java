package littlesummit.app.doors;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.ToCome;
import littlesummit.app.doors.Door.Who;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.PointsScheme;
import littlesummit.core.quiz.QuizPlan;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/**
 * A student who has made something, and everybody else. They are the same ones as long as everybody only looks or is
 * sent away: there are many doors, and a student who has made all this takes longer than a knock.
 */
@TestInstance(Lifecycle.PER_CLASS)
abstract class AtTheDoors extends ApiTest {
    private static final Policy SHOWN = new Policy(
            3, 1, 2, 1, true, true, true, Policy.LineCheck.ALWAYS, Policy.Calculator.AS_ITEM, Policy.Work.REQUIRED);
    private Map<Who, Person> visitors;
    private Things things;
    private String farClass;
    private boolean isUntouched;

    @Override
    @BeforeEach
    protected final void aClass() {
        if (!isUntouched) {
            super.aClass();
            isUntouched = true;
            thingsOfAStudent();
        }
    }

    private void thingsOfAStudent() {
        String id = UUID.randomUUID().toString().substring(0, 8);
        farClass = people.addClass("Far class");
        Person teacher = people.add("t" + id, "Teacher", Role.INSTRUCTOR, "pw", student.classId());
        visitors = Map.of(
                Who.CLASSMATE,
                people.add("c" + id, "Classmate", Role.STUDENT, "pw", student.classId()),
                Who.FAR_STUDENT,
                people.add("f" + id, "Far", Role.STUDENT, "pw", farClass),
                Who.OWN_INSTRUCTOR,
                teacher,
                Who.OTHER_WINDOW,
                teacher,
                Who.FAR_INSTRUCTOR,
                people.add("g" + id, "Far", Role.INSTRUCTOR, "pw", farClass));
        String quiz = assignments
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
        things = Things.of(
                client,
                new Client(mvc, teacher),
                assigned(new Target.Score(80), SHOWN, "scientific-notation"),
                quiz,
                student,
                picture());
    }

    /** @param body of the request; the one of the table where nothing else is wanted */
    final MockHttpServletResponse knock(Door door, Who who, byte[] body) {
        String address = things.in(door.address());
        AbstractMockHttpServletRequestBuilder<?> request = door.body().equals("file")
                ? MockMvcRequestBuilders.multipart(address)
                        .file(new MockMultipartFile("file", "page.png", "image/png", body))
                : MockMvcRequestBuilders.request(HttpMethod.valueOf(door.method()), address)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body);
        request.header("Idempotency-Key", UUID.randomUUID().toString()).with(csrf());
        if (who == Who.OTHER_WINDOW) {
            request.header("X-Class", farClass);
        }
        Optional.ofNullable(visitors.get(who))
                .ifPresent(person -> request.with(authentication(UsernamePasswordAuthenticationToken.authenticated(
                        person, null, List.of(new SimpleGrantedAuthority("ROLE_" + person.role()))))));
        try {
            MockHttpServletResponse answer = mvc.perform(request).andReturn().getResponse();
            isUntouched &= door.method().equals("GET") || answer.getStatus() >= 400;
            return answer;
        } catch (Exception failed) {
            throw new AssertionError(door + " " + who, failed);
        }
    }

    final MockHttpServletResponse knock(Door door, Who who) {
        return knock(
                door,
                who,
                door.body().equals("file") ? new byte[] {1} : body(door).getBytes(StandardCharsets.UTF_8));
    }

    /** The body of the table, with names in it that nobody has yet. */
    final String body(Door door) {
        return things.in(door.body())
                .replace("{later}", ToCome.NEXT_YEAR.toString())
                .replace("{who}", UUID.randomUUID().toString().substring(0, 8));
    }
}
