package littlesummit.app.exchange.text;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import littlesummit.app.exchange.ChosenItems;
import littlesummit.app.exchange.SceneSvg;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.printing.ScenePdf;
import littlesummit.app.web.Download;
import littlesummit.core.figure.Scene;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Items as documents to read and to change. They hold the answers: for instructors alone. */
@RestController
class TextController {
    private static final String README = """
        Items made by Little Summit, twice: items.md for a program that reads Markdown, with mathematics between
        dollar signs, and items.tex for LaTeX. Translate it with LuaLaTeX or XeLaTeX; the description of a picture
        (alt) needs a graphicx from 2021 on.
        Pictures lie in pictures/: SVG for the one, PDF for the other. Answers, worked steps and hints stand at
        the end of both.
        """;

    private final ChosenItems chosen;

    TextController(ChosenItems chosen) {
        this.chosen = chosen;
    }

    /**
     * Markdown and LaTeX with their pictures.
     *
     * @param skill ids, each once
     * @param count items of each skill, the levels in turn
     * @param tier 1 to 3 for one level alone, 0 for all
     */
    @GetMapping(path = "/api/exchange/items-text.zip", produces = "application/zip")
    ResponseEntity<byte[]> text(
            @AuthenticationPrincipal Person person,
            @RequestParam List<String> skill,
            @RequestParam(defaultValue = "6") int count,
            @RequestParam(defaultValue = "0") int tier,
            @RequestParam(defaultValue = "Items") String title) {
        Instructors.only(person);
        List<ChosenItems.Section> sections = chosen.of(skill, count, tier);
        ItemPages.Pages markdown = ItemPages.write(title, sections, new Markdown());
        ItemPages.Pages latex = ItemPages.write(title, sections, new Latex());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            put(zip, "README.txt", README.getBytes(StandardCharsets.UTF_8));
            put(zip, "items.md", markdown.text().getBytes(StandardCharsets.UTF_8));
            put(zip, "items.tex", latex.text().getBytes(StandardCharsets.UTF_8));
            for (Map.Entry<String, Scene> picture : markdown.pictures().entrySet()) {
                put(
                        zip,
                        picture.getKey() + ".svg",
                        SceneSvg.of(picture.getValue()).getBytes(StandardCharsets.UTF_8));
                put(zip, picture.getKey() + ".pdf", ScenePdf.of(picture.getValue()));
            }
        } catch (IOException bug) {
            throw new UncheckedIOException(bug);
        }
        return Download.of("items-text.zip", "application/zip", out.toByteArray());
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }
}
