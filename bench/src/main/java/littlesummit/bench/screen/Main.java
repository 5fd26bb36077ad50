package littlesummit.bench.screen;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Response;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.stream.Stream;
import littlesummit.bench.serving.PracticeInABrowser;

/**
 * What a browser loads until the first item of a practice stands there, from an empty cache: scripts, styles and fonts
 * as they come, and as they are unpacked. The argument, if any, is the file to write the table to.
 */
public final class Main {
    private static final double WANTED_KB = 170;
    private static final List<String> KINDS = List.of("script", "stylesheet", "font");

    private Main() {}

    private record Loaded(String kind, String name, double packed, double unpacked) {}

    public static void main(String[] args) throws IOException {
        List<Loaded> all;
        try (PracticeInABrowser practice = new PracticeInABrowser(Files.createTempDirectory("screen"));
                Playwright playwright = Playwright.create(
                        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(executable())
                                .setArgs(List.of("--no-sandbox", "--disable-gpu")))) {
            Page page = browser.newPage();
            practice.signIn(page);
            // A new page with the same sign-in, and nothing kept.
            Queue<Response> responses = new ConcurrentLinkedQueue<>();
            page.context().newCDPSession(page).send("Network.clearBrowserCache");
            page.onResponse(responses::add);
            page.navigate(practice.address());
            page.getByText("Check").first().waitFor();
            page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
            all = responses.stream()
                    .filter(r -> KINDS.contains(r.request().resourceType()))
                    .map(Main::loaded)
                    .toList();
        }
        String table = table(all);
        System.out.println(table);
        if (args.length > 0) {
            Files.writeString(Path.of(args[0]), table);
        }
    }

    private static Loaded loaded(Response response) {
        return new Loaded(
                response.request().resourceType(),
                response.url().replaceAll(".*/", ""),
                response.request().sizes().responseBodySize / 1000.0,
                response.body().length / 1000.0);
    }

    private static String table(List<Loaded> all) {
        StringBuilder table =
                new StringBuilder("| what | files | as it comes | unpacked | ratio |\n|---|---|---|---|---|\n");
        for (String kind : KINDS) {
            List<Loaded> some = all.stream().filter(l -> l.kind().equals(kind)).toList();
            double packed = some.stream().mapToDouble(Loaded::packed).sum();
            double unpacked = some.stream().mapToDouble(Loaded::unpacked).sum();
            table.append(String.format(
                    Locale.ROOT,
                    "| %s | %d | %.0f kB | %.0f kB | %.2f |%n",
                    kind,
                    some.size(),
                    packed,
                    unpacked,
                    unpacked == 0 ? 0 : packed / unpacked));
        }
        double typesetter = scripts(all, true);
        return table
                + String.format(
                        Locale.ROOT,
                        "%nThe typesetter, which comes with the first formula, is %.0f kB of it; the other scripts are"
                                + " %.2f of the %.0f kB that they may be.%n",
                        typesetter,
                        scripts(all, false) / WANTED_KB,
                        WANTED_KB);
    }

    private static double scripts(List<Loaded> all, boolean ofTheTypesetter) {
        return all.stream()
                .filter(l -> l.kind().equals("script") && l.name().startsWith("katex") == ofTheTypesetter)
                .mapToDouble(Loaded::packed)
                .sum();
    }

    private static Path executable() {
        return Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
                .map(Path::of)
                .filter(Files::isExecutable)
                .findFirst()
                .orElseThrow(
                        () -> new IllegalStateException("No Chromium was found; ./summit test installs it on Debian."));
    }
}
