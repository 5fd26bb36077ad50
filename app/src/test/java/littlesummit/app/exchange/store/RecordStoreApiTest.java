package littlesummit.app.exchange.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import org.junit.jupiter.api.Test;

class RecordStoreApiTest extends ApiTest {
    @Test
    void whereNoStoreIsNamedThatIsSaidAndNothingIsSent() {
        JsonNode view = instructor.get("/api/exchange/record-store").body();
        assertTrue(view.at("/address").isMissingNode());
        assertEquals(2, view.at("/students").size());
        assertTrue(view.at("/students/0/sentAt").isMissingNode());
        Client.Answer refused = instructor.post("/api/exchange/record-store/students/" + student.id(), "");
        assertEquals(409, refused.status());
        assertTrue(refused.body().at("/detail").asText().contains("no record store"), refused.text());
    }
}
