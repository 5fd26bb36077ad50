package littlesummit.bench.serving;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.springframework.context.ConfigurableApplicationContext;

/** A server with a student who has a practice to open in a browser. */
public final class PracticeInABrowser implements AutoCloseable {
    private final ConfigurableApplicationContext server;
    private final String student;
    private final String assignment;

    /** @param data where the server keeps what it keeps */
    public PracticeInABrowser(Path data) {
        server = Servers.app(data);
        FullClass full = new FullClass(server, 1);
        student = full.studentNames().getFirst();
        assignment = full.set(1).getFirst();
    }

    /** Leaves the page where a student arrives. */
    public void signIn(Page page) {
        page.navigate(Servers.address(server));
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(student);
        page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true)).fill("pw");
        page.keyboard().press("Enter");
        page.getByText("Assignment 0").first().waitFor();
    }

    /** Where the practice is. */
    public String address() {
        return Servers.address(server) + "/practice/" + assignment + "/absolute-value";
    }

    @Override
    public void close() {
        server.close();
    }
}
