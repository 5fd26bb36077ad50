package littlesummit.e2e;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Ten students, each in two windows, at work while the server is killed at random moments, again and again: whatever it
 * had said yes to is there afterwards, once, and every score equals its replayed log. {@code -Dkills=40} takes the long
 * run.
 */
@Tag("long")
class KillStormTest {
    private static final int KILLS = Integer.getInteger("kills", 2);
    private static final List<String> NAMES =
            List.of("nela", "ansa", "bero", "cilla", "dario", "edda", "falko", "hanno", "isa", "jory");

    @TempDir
    Path data;

    @Test
    void whatWasSaidYesToIsThereAfterEveryKill() throws Exception {
        long seed = System.nanoTime();
        Random random = new Random(seed);
        try (Jar server = new Jar(data);
                ExecutorService threads = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Pupil> pupils = new ArrayList<>();
            String quiz = Pupil.quizOf(server.address(), NAMES.getFirst());
            for (String name : NAMES) {
                pupils.add(new Pupil(server.address(), name, "prime-factors", quiz, random.nextLong()));
                pupils.add(new Pupil(server.address(), name, "absolute-value", "", random.nextLong()));
            }
            int looked = 0;
            for (int kill = 0; kill < KILLS; kill++) {
                AtomicBoolean up = new AtomicBoolean(true);
                List<Future<?>> work = pupils.stream()
                        .<Future<?>>map(p -> threads.submit(() -> workUntilItIsGone(p, up)))
                        .toList();
                Thread.sleep(300 + random.nextInt(1500));
                server.kill();
                up.set(false);
                for (Future<?> one : work) {
                    one.get(60, TimeUnit.SECONDS);
                }
                server.start();
                for (Pupil pupil : pupils) {
                    looked += pupil.findsEverything();
                }
            }
            assertTrue(looked > KILLS * pupils.size(), "nothing was done, seed " + seed);
            server.kill();
            server.replays();
        }
    }

    private static void workUntilItIsGone(Pupil pupil, AtomicBoolean up) {
        try {
            while (up.get()) {
                pupil.work();
            }
        } catch (Pupil.Gone gone) {
            // It was killed while it was asked: what became of that is seen after its new start.
        }
    }
}
