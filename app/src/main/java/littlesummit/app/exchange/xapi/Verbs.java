package littlesummit.app.exchange.xapi;

import java.util.Map;

/** The verbs of ADL that we have use for. */
final class Verbs {
    static final Statement.Verb INITIALIZED = verb("initialized");
    static final Statement.Verb ANSWERED = verb("answered");
    static final Statement.Verb EXPERIENCED = verb("experienced");
    static final Statement.Verb TERMINATED = verb("terminated");
    static final Statement.Verb SCORED = verb("scored");
    static final Statement.Verb MASTERED = verb("mastered");
    static final Statement.Verb COMPLETED = verb("completed");

    private Verbs() {}

    private static Statement.Verb verb(String name) {
        return new Statement.Verb("http://adlnet.gov/expapi/verbs/" + name, Map.of("en", name));
    }
}
