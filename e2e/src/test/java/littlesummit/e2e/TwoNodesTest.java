package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.nio.file.Files;
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
 * Two nodes on one PostgreSQL, and a proxy that sends each request to the other. One of them is killed while a class
 * is at work: nobody is signed out, what was said yes to is there, and counts once.
 */
@Tag("postgres")
class TwoNodesTest {
    private static final List<String> NAMES = List.of("nela", "ansa", "bero", "cilla", "dario");

    @TempDir
    Path folder;

    private Jar node(String name, EmbeddedPostgres postgres, String... more) throws Exception {
        List<String> options = new ArrayList<>(List.of(
                "-Dsummit.database.url=" + postgres.getJdbcUrl("postgres", "postgres"),
                "-Dsummit.database.user=postgres"));
        options.addAll(List.of(more));
        return new Jar(Files.createDirectory(folder.resolve(name)), options);
    }

    @Test
    void aClassWorksOnWhileANodeIsKilled() throws Exception {
        try (EmbeddedPostgres postgres = EmbeddedPostgres.builder()
                        .setServerConfig("fsync", "off")
                        .start();
                Jar first = node("first", postgres, "-Dsummit.demo=true");
                Jar second = node("second", postgres);
                RoundRobin proxy = new RoundRobin(first.address(), second.address());
                Browser browser = new Browser()) {
            Page page = browser.window(proxy.address());
            Round.begin(page);
            new Round(page).toFirstTyped();
            List<Pupil> pupils = pupils(proxy.address());

            whileAtWork(pupils, () -> {
                Thread.sleep(2_000);
                second.kill();
            });
            int looked = 0;
            for (Pupil pupil : pupils) {
                looked += pupil.findsEverything();
            }
            assertTrue(looked > pupils.size(), "nothing was done");

            page.locator("input[data-answer]").first().fill("after the kill");
            assertThat(page.getByText("answer kept", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            second.start();
            page.reload();
            new Round(page).toFirstTyped();
            assertThat(page.locator("input[data-answer]").first()).hasValue("after the kill");
            whileAtWork(pupils, () -> Thread.sleep(1_000));
            for (Pupil pupil : pupils) {
                pupil.findsEverything();
            }
            assertTrue(proxy.answered(0) > 50 && proxy.answered(1) > 50, "only one of them was asked");

            first.kill();
            second.replays();
        }
    }

    private static List<Pupil> pupils(String address) {
        Random random = new Random(System.nanoTime());
        String quiz = Pupil.quizOf(address, NAMES.getFirst());
        List<Pupil> pupils = new ArrayList<>();
        for (String name : NAMES) {
            pupils.add(new Pupil(address, name, "prime-factors", quiz, random.nextLong()));
            pupils.add(new Pupil(address, name, "absolute-value", "", random.nextLong()));
        }
        return pupils;
    }

    private interface Meanwhile {
        void happens() throws InterruptedException;
    }

    /** Nobody stops working when a request is lost: it is sent again, or something else is done. */
    private static void whileAtWork(List<Pupil> pupils, Meanwhile meanwhile) throws Exception {
        AtomicBoolean isOpen = new AtomicBoolean(true);
        try (ExecutorService threads = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Future<?>> work = pupils.stream()
                    .<Future<?>>map(pupil -> threads.submit(() -> work(pupil, isOpen)))
                    .toList();
            meanwhile.happens();
            Thread.sleep(2_000);
            isOpen.set(false);
            for (Future<?> one : work) {
                one.get(60, TimeUnit.SECONDS);
            }
        }
    }

    private static void work(Pupil pupil, AtomicBoolean isOpen) {
        while (isOpen.get()) {
            try {
                pupil.work();
            } catch (Pupil.Gone lost) {
                // What became of that request is seen in the end.
            }
        }
    }
}
