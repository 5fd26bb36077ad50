package littlesummit.bench.serving;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;

/** A student who tries wrong answers at one item after the other; every answer is another one. */
final class Pupil {
    private final Visitor visitor;
    private String path = "";
    private JsonNode item = JsonNodeFactory.instance.nullNode();
    private int tried;

    Pupil(String address, String username) {
        visitor = Visitor.signedIn(address, username, "pw");
    }

    /** @param assignmentId of the practice that is gone to */
    void open(String assignmentId) {
        path = "/api/practice/" + assignmentId + "/absolute-value";
        item = visitor.get(path).at("/item");
    }

    void check() {
        visitor.post(
                path + "/check",
                "{" + ofItem() + ",\"part\":0,\"entries\":{\""
                        + item.at("/parts/0/fields/0/id").textValue() + "\":\"" + (700_000 + tried++)
                        + "\"},\"confirmed\":true}");
    }

    /** Looks at the solution and takes the next item. */
    void goOn() {
        visitor.post(path + "/solution", "{" + ofItem() + "}");
        item = visitor.post(path + "/next", "{" + ofItem() + ",\"onward\":\"NEXT\"}")
                .at("/item");
    }

    private String ofItem() {
        return "\"itemId\":\"" + item.at("/id").textValue() + "\"";
    }
}
