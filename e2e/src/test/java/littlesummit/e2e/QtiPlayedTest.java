package littlesummit.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * A package of items in somebody else's player: the component library qti3-item-player (MIT, certified by 1EdTech for
 * advanced delivery of QTI 3, as its own description says). Right answers score full, each known mistake scores less
 * and is told what it is.
 */
@Tag("long")
class QtiPlayedTest extends BrowserTest {
    private static final String PLACE = "http://player.test/";
    private static final Path PACKAGES = Path.of("../web/node_modules");

    private Map<String, String> unpacked(String query) {
        Page orla = new Desk(summit, browser.window(summit.address()), "orla").page();
        byte[] zip = orla.request()
                .get(summit.address() + "/api/exchange/items.zip?" + query)
                .body();
        Map<String, String> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return files;
    }

    /** An empty page with the player in it; pictures come from the package. */
    private Page player(Map<String, String> files) {
        Page page = browser.window(PLACE);
        page.route(PLACE + "**", route -> {
            String file = route.request().url().substring(PLACE.length());
            String text = files.getOrDefault(file, "<!doctype html><meta charset='utf-8'><div id='app'></div>");
            route.fulfill(new Route.FulfillOptions()
                    .setBody(text)
                    .setContentType(file.endsWith(".svg") ? "image/svg+xml" : "text/html"));
        });
        page.navigate(PLACE + "items/page.html");
        script(page, PACKAGES.resolve("vue/dist/vue.min.js"));
        script(page, PACKAGES.resolve("qti3-item-player/dist/qti3Player.umd.min.js"));
        script(page, Path.of("src/test/resources/qti/play.js"));
        return page;
    }

    private static void script(Page page, Path file) {
        try {
            page.addScriptTag(new Page.AddScriptTagOptions().setContent(Files.readString(file)));
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    @Test
    void everySkillIsPlayedAsItIsMeant() {
        String skills =
                summit.part(ItemSource.class).skills().stream().map(Skill::id).collect(Collectors.joining(","));
        Map<String, String> files = unpacked("count=3&skill=" + skills);
        Page page = player(files);
        List<String> faults = new ArrayList<>();
        int played = 0;
        for (Map.Entry<String, String> file : files.entrySet()) {
            if (file.getKey().startsWith("items/")) {
                ((List<?>) page.evaluate("xml => window.play(xml)", file.getValue()))
                        .forEach(fault -> faults.add(file.getKey() + ": " + fault));
                played++;
            }
        }
        assertEquals(List.of(), faults);
        assertTrue(played >= 3 * 28, () -> "too few items were played");
    }
}
