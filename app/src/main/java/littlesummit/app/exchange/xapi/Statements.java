package littlesummit.app.exchange.xapi;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import littlesummit.app.practice.PracticeRecord.Happened;
import littlesummit.app.quiz.QuizRecord.DoneRound;
import littlesummit.core.practice.PracticeEvent;

/** Turns what is in the log of one person into statements. */
final class Statements {
    private static final String SKILL = "http://adlnet.gov/expapi/activities/objective";
    private static final String ITEM = "http://adlnet.gov/expapi/activities/cmi.interaction";
    private static final String QUIZ = "http://adlnet.gov/expapi/activities/assessment";
    private static final String HELP = "http://adlnet.gov/expapi/activities/performance";

    private final String home;
    private final Statement.Actor actor;
    private final UnaryOperator<String> nameOf;

    /**
     * @param home address of the server, with which all names of things begin
     * @param nameOf name of a skill or lesson
     */
    Statements(String home, String personId, String name, UnaryOperator<String> nameOf) {
        this.home = home;
        this.actor = Statement.Actor.of(home, personId, name);
        this.nameOf = nameOf;
    }

    /** Of one row: what was done, and that the target was reached by it. */
    List<Statement> of(Happened happened) {
        List<Statement> made = new ArrayList<>();
        PracticeEvent event = happened.event();
        String item = home + "/items/" + event.itemId();
        String key = "event/" + happened.id();
        switch (event) {
            case PracticeEvent.Served s -> made.add(made(key, Verbs.INITIALIZED, item(item, happened), null, happened));
            case PracticeEvent.Tried tried ->
                made.add(made(
                        key,
                        Verbs.ANSWERED,
                        item(item + "/parts/" + (tried.part() + 1), happened),
                        result(tried),
                        happened));
            case PracticeEvent.HintOpened hint ->
                made.add(made(
                        key,
                        Verbs.EXPERIENCED,
                        help(item + "/parts/" + (hint.part() + 1) + "/hints/" + hint.count(), "Hint"),
                        null,
                        happened));
            case PracticeEvent.ExampleOpened e ->
                made.add(made(key, Verbs.EXPERIENCED, help(item + "/example", "Worked example"), null, happened));
            case PracticeEvent.SolutionOpened s ->
                made.add(made(key, Verbs.EXPERIENCED, help(item + "/solution", "Solution"), null, happened));
            case PracticeEvent.GivenUp g -> made.add(made(key, Verbs.TERMINATED, item(item, happened), null, happened));
            case PracticeEvent.WorkShown w ->
                made.add(made(key, Verbs.EXPERIENCED, help(item + "/work", "Work shown"), null, happened));
            case PracticeEvent.WorkRead read -> {
                if (read.credit() >= 0) {
                    Statement.Activity work = help(item + "/work", "Work");
                    made.add(made(key, Verbs.SCORED, work, Statement.Result.scored(read.credit()), happened));
                }
            }
        }
        if (happened.reached()) {
            Statement.Result done = new Statement.Result(null, true, true, null, null);
            made.add(made("reached/" + happened.id(), Verbs.MASTERED, skill(happened.skill()), done, happened));
        }
        return made;
    }

    /** Of a round that was handed in. */
    Statement of(DoneRound round) {
        String quiz = home + "/assignments/" + round.assignmentId() + "/quiz";
        return statement(
                "round/" + actor.account().name() + "/" + round.assignmentId() + "/" + round.number(),
                Verbs.COMPLETED,
                Statement.Activity.of(quiz + "/rounds/" + round.number(), "Quiz, round " + round.number(), QUIZ, null),
                Statement.Result.scored(round.percent()),
                new Statement.Activities(
                        List.of(Statement.Reference.to(quiz)), List.of(assignment(round.assignmentId()))),
                round.at());
    }

    private Statement.Activity item(String id, Happened happened) {
        return Statement.Activity.of(id, nameOf.apply(happened.skill()), ITEM, "other");
    }

    private static Statement.Activity help(String id, String name) {
        return Statement.Activity.of(id, name, HELP, null);
    }

    private Statement.Activity skill(String id) {
        return Statement.Activity.of(home + "/skills/" + id, nameOf.apply(id), SKILL, null);
    }

    private Statement.Reference assignment(String id) {
        return Statement.Reference.to(home + "/assignments/" + id);
    }

    /** What was typed, field by field; whether only its form was not the one asked, and whether it could be read. */
    private Statement.Result result(PracticeEvent.Tried tried) {
        String response = new TreeMap<>(tried.entries())
                .entrySet().stream().map(e -> e.getKey() + "=" + e.getValue()).collect(Collectors.joining("; "));
        return new Statement.Result(
                null,
                tried.result() == PracticeEvent.Result.CORRECT,
                null,
                response,
                Map.of(home + "/xapi/verdict", tried.result().name().toLowerCase(Locale.ROOT)));
    }

    private Statement made(
            String key, Statement.Verb verb, Statement.Activity object, Statement.Result result, Happened happened) {
        return statement(
                key,
                verb,
                object,
                result,
                new Statement.Activities(
                        List.of(Statement.Reference.to(home + "/skills/" + happened.skill())),
                        List.of(assignment(happened.assignmentId()))),
                happened.event().at());
    }

    private Statement statement(
            String key,
            Statement.Verb verb,
            Statement.Activity object,
            Statement.Result result,
            Statement.Activities around,
            Instant at) {
        UUID id = UUID.nameUUIDFromBytes((home + "/" + key).getBytes(StandardCharsets.UTF_8));
        return new Statement(
                id.toString(),
                actor,
                verb,
                object,
                result,
                new Statement.Context("Little Summit", around),
                at.toString(),
                Statement.VERSION);
    }
}
