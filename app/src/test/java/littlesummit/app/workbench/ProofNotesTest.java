package littlesummit.app.workbench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.spy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import littlesummit.app.ClockedApiTest;
import littlesummit.app.own.OwnSkills;
import littlesummit.app.web.Digest;
import littlesummit.app.workbench.WorkbenchView.ProofPhase;
import littlesummit.app.workbench.WorkbenchView.ProofView;
import littlesummit.content.template.Templates;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A proof that one server runs is seen by the others. */
class ProofNotesTest extends ClockedApiTest {
    private static final ProofView HALF = new ProofView(ProofPhase.RUNNING, true, false, 200, 400, "", List.of());

    @Autowired
    private OwnSkills own;

    @Autowired
    private ProofNotes notes;

    @Autowired
    private Clock time;

    @Autowired
    private ObjectMapper mapper;

    private String begun(String text) {
        return instructor
                .post(
                        "/api/workbench",
                        mapper.createObjectNode().put("text", text).toString())
                .body()
                .at("/id")
                .asText();
    }

    private JsonNode proved(String id) throws InterruptedException {
        JsonNode proof = instructor.post("/api/workbench/" + id + "/proof", "").body();
        for (int i = 0; i < 600 && !proof.at("/state").asText().equals("DONE"); i++) {
            Thread.sleep(100);
            proof = instructor.get("/api/workbench/" + id + "/proof").body();
        }
        return proof;
    }

    private Proofs anotherServer() {
        return new Proofs(own, notes, time, 500);
    }

    @Test
    void whatDoesNotHoldIsSeenByAnotherServerWithItsExamples() throws InterruptedException, IOException {
        String text = Templates.starter().replace("How many apples are in one", "How many  apples are in one");
        String id = begun(text);
        JsonNode here = proved(id);
        assertFalse(here.at("/holds").asBoolean());
        assertTrue(here.at("/complaints/0/example/stem").isArray(), here.toString());
        JsonNode there =
                mapper.readTree(mapper.writeValueAsBytes(anotherServer().of(id, text)));
        assertEquals(here, there);
    }

    @Test
    void nobodyIsToldHereThatItIsDoneBeforeTheOtherServersCanKnow() throws InterruptedException {
        String text = Templates.starter();
        String id = begun(text);
        ProofNotes watched = spy(notes);
        Proofs here = new Proofs(own, watched, time, 500);
        List<ProofPhase> toldHere = new CopyOnWriteArrayList<>();
        CountDownLatch done = new CountDownLatch(1);
        doAnswer(call -> {
                    toldHere.add(here.of(id, text).state());
                    call.callRealMethod();
                    done.countDown();
                    return null;
                })
                .when(watched)
                .note(eq(id), any(), argThat(view -> view != null && view.state() == ProofPhase.DONE));
        here.start(id, text);
        assertTrue(done.await(60, TimeUnit.SECONDS));
        here.stop();
        assertEquals(List.of(ProofPhase.RUNNING), toldHere);
    }

    @Test
    void itIsSeenThatTheTextHasChangedSince() throws InterruptedException {
        String id = begun(Templates.starter());
        assertTrue(proved(id).at("/holds").asBoolean());
        ProofView there = anotherServer().of(id, Templates.starter() + "\n# changed");
        assertEquals(ProofPhase.DONE, there.state());
        assertFalse(there.current());
    }

    @Test
    void anotherServerDoesNotBeginWhatOneIsLookingAt() {
        String id = begun(Templates.starter());
        notes.note(id, Digest.of(Templates.starter()), HALF);
        ProofView there = anotherServer().start(id, Templates.starter());
        assertEquals(HALF, there);
        now = now.plus(Duration.ofSeconds(31));
        assertEquals(
                ProofPhase.NONE, anotherServer().of(id, Templates.starter()).state(), "it has stopped");
    }

    @Test
    void ofASkillThatIsGoneNothingIsNoted() {
        String id = "own-" + UUID.randomUUID();
        notes.note(id, "digest", HALF);
        assertEquals(Optional.empty(), notes.find(id, "digest"));
        String deleted = begun(Templates.starter());
        notes.note(deleted, "digest", HALF);
        assertEquals(204, instructor.delete("/api/workbench/" + deleted).status());
        assertEquals(Optional.empty(), notes.find(deleted, "digest"));
    }
}
