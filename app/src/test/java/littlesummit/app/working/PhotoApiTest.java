package littlesummit.app.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class PhotoApiTest extends ApiTest {
    private String page;

    @BeforeEach
    void anItem() {
        page = "/api/items/" + itemId(assigned(new Target.Score(80), Policy.DEFAULT, "scientific-notation"));
    }

    private String added() throws IOException {
        return client.upload(page + "/photos", picture())
                .body()
                .at("/photos/0/id")
                .textValue();
    }

    @Test
    void isKeptTurnedAndTakenAway() throws IOException {
        String photo = "/api/photos/" + added();
        assertEquals("image/jpeg", client.type(photo));
        assertEquals(
                20,
                client.post(photo + "/turn", "{}").body().at("/photos/0/width").intValue());
        assertEquals("Kept", client.get(page + "/work").body().at("/state/kind").textValue());
        assertEquals(0, client.delete(photo).body().at("/photos").size());
        assertEquals("None", client.get(page + "/work").body().at("/state/kind").textValue());
    }

    @Test
    void onlyTheOwnerChangesItAndOnlyTheClassesInstructorSeesItToo() throws IOException {
        String photo = "/api/photos/" + added();
        assertEquals("image/jpeg", instructor.type(photo));
        for (Client stray : new Client[] {other, stranger}) {
            assertEquals(404, stray.get(photo).status());
            assertEquals(404, stray.delete(photo).status());
            assertEquals(404, stray.post(photo + "/turn", "{}").status());
        }
        assertEquals(404, instructor.delete(photo).status());
        assertEquals(404, other.upload(page + "/photos", picture()).status());
    }

    @Test
    void aPhotoThatIsSentTwiceIsThereOnce() throws IOException {
        assertEquals(
                1,
                client.upload(page + "/photos", picture(), "key")
                        .body()
                        .at("/photos")
                        .size());
        assertEquals(
                1,
                client.upload(page + "/photos", picture(), "key")
                        .body()
                        .at("/photos")
                        .size());
        assertEquals(
                2,
                client.upload(page + "/photos", picture(), "another")
                        .body()
                        .at("/photos")
                        .size());
    }

    @Test
    void whatIsNoPictureIsRefusedInASentence() {
        var refused =
                client.upload(page + "/photos", "<svg onload='x'/>".getBytes(java.nio.charset.StandardCharsets.UTF_8));
        assertEquals(400, refused.status());
        assertTrue(refused.text().contains("PNG, JPEG or WebP"), refused.text());
    }
}
