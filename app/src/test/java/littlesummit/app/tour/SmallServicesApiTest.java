package littlesummit.app.tour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import littlesummit.app.ApiTest;
import org.junit.jupiter.api.Test;

/** The tour, reading aloud and the calculator: they keep nothing and count nothing. */
class SmallServicesApiTest extends ApiTest {
    @Test
    void aStopOfTheTourTellsWhetherItWasUnderstood() {
        assertTrue(client.get("/api/tour").body().size() >= 12);
        assertEquals(
                "correct",
                client.post("/api/tour/fraction", "{\"entries\":{\"answer\":\"6/8\"}}")
                        .body()
                        .at("/feedback/0/verdict")
                        .textValue());
        assertEquals(
                "unreadable",
                client.post("/api/tour/pair", "{\"entries\":{\"answer\":\"(3;\"}}")
                        .body()
                        .at("/feedback/0/verdict")
                        .textValue());
        assertEquals(404, client.post("/api/tour/none", "{\"entries\":{}}").status());
    }

    @Test
    void textsAreReadWithTheirMathematics() {
        assertEquals(
                "Take 1 over 2 of 12 dollars.",
                client.post("/api/speech", "{\"texts\":[\"Take $\\\\frac{1}{2}$ of \\\\$12.\"]}")
                        .body()
                        .at("/sentences/0")
                        .textValue());
        assertEquals(400, client.post("/api/speech", "{\"texts\":null}").status());
    }

    @Test
    void theCalculatorIsExact() {
        assertEquals(
                "1/2",
                client.post("/api/calculator", "{\"entry\":\"1/3+1/6\"}")
                        .body()
                        .at("/exact")
                        .textValue());
        assertEquals(
                "Unclear",
                client.post("/api/calculator", "{\"entry\":\"1/0\"}")
                        .body()
                        .at("/kind")
                        .textValue());
        assertEquals(
                400,
                client.post("/api/calculator", "{\"entry\":\"" + "1+".repeat(400) + "1\"}")
                        .status());
    }
}
