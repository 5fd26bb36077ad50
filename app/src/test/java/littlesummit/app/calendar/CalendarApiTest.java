package littlesummit.app.calendar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import biweekly.Biweekly;
import biweekly.ICalendar;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import littlesummit.app.ApiTest;
import littlesummit.app.ToCome;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** The private address of a calendar: who reads what behind it. */
class CalendarApiTest extends ApiTest {
    @BeforeEach
    void work() {
        assignments.add(
                student.classId(),
                "Hut stores",
                List.of("mean"),
                new Target.Score(80),
                Policy.DEFAULT,
                ToCome.NEXT_YEAR);
    }

    private static String path(String address) {
        assertTrue(address.matches("http://localhost/api/calendar/of/[0-9a-f]{48}\\.ics"), address);
        return address.substring("http://localhost".length());
    }

    /** As a calendar program asks: without a session. */
    private MockHttpServletResponse asked(String path) {
        try {
            return mvc.perform(MockMvcRequestBuilders.get(path)).andReturn().getResponse();
        } catch (Exception failed) {
            throw new AssertionError(failed);
        }
    }

    private ICalendar calendar(String path) {
        MockHttpServletResponse answer = asked(path);
        assertEquals(200, answer.getStatus());
        assertTrue(String.valueOf(answer.getContentType()).startsWith("text/calendar"));
        try {
            return Biweekly.parse(answer.getContentAsString()).first();
        } catch (java.io.UnsupportedEncodingException impossible) {
            throw new AssertionError(impossible);
        }
    }

    @Test
    void aCalendarProgramReadsTheDatesWithoutSigningIn() {
        assertTrue(client.get("/api/calendar").body().at("/madeAt").isMissingNode());
        String address =
                client.post("/api/calendar/address", "").body().at("/address").asText();
        ICalendar calendar = calendar(path(address));
        assertEquals("Hut stores", calendar.getTodos().getFirst().getSummary().getValue());
        assertTrue(calendar.getEvents().getFirst().getDescription().getValue().startsWith("The mean. Target:"));
        assertFalse(client.get("/api/calendar").body().at("/madeAt").isMissingNode());
        assertFalse(client.get("/api/calendar").text().contains(address), "the secret is nowhere kept");
    }

    @Test
    void aNewAddressClosesTheOldOne() {
        String first = path(
                client.post("/api/calendar/address", "").body().at("/address").asText());
        String second = path(
                client.post("/api/calendar/address", "").body().at("/address").asText());
        assertNotEquals(first, second);
        assertEquals(404, asked(first).getStatus());
        assertEquals(200, asked(second).getStatus());
        client.delete("/api/calendar/address");
        assertEquals(404, asked(second).getStatus());
        assertEquals(404, asked("/api/calendar/of/0.ics").getStatus());
    }

    @Test
    void whoIsTakenOutOfTheClassIsReadNoMore() {
        String address = path(
                client.post("/api/calendar/address", "").body().at("/address").asText());
        instructor.put("/api/class/students/" + student.id() + "/closed", "{\"closed\":true}");
        assertEquals(404, asked(address).getStatus());
    }

    @Test
    void theFileIsForWhoIsSignedIn() {
        assertTrue(client.type("/api/calendar/dates.ics").startsWith("text/calendar"));
        assertEquals(401, asked("/api/calendar/dates.ics").getStatus());
        assertTrue(client.text("/api/calendar/dates.ics").contains("SUMMARY:Hut stores"));
    }

    @Test
    void theGoalOfTheClassIsADay() {
        LocalDate day = LocalDate.ofInstant(ToCome.NEXT_YEAR, ZoneOffset.UTC);
        instructor.put("/api/classes/goal", "{\"goal\":{\"skills\":12,\"date\":\"" + day + "\"}}");
        assertTrue(client.text("/api/calendar/dates.ics")
                .contains("DTSTART;VALUE=DATE:" + day.format(DateTimeFormatter.BASIC_ISO_DATE)));
    }
}
