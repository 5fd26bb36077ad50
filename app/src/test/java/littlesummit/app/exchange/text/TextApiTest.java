package littlesummit.app.exchange.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import littlesummit.app.ApiTest;
import littlesummit.app.Unzipped;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

class TextApiTest extends ApiTest {
    @Test
    void documentsAndTheirPicturesAreInOneZip() throws IOException {
        byte[] zip =
                instructor.bytes("/api/exchange/items-text.zip?skill=fraction-picture&skill=mean&count=3&title=Huts");
        Map<String, byte[]> files = Unzipped.of(zip);
        String markdown = new String(files.get("items.md"), StandardCharsets.UTF_8);
        assertTrue(markdown.startsWith("# Huts\n"), markdown);
        assertTrue(markdown.contains("## Solutions: "), markdown);
        assertTrue(files.containsKey("items.tex"));
        assertTrue(files.keySet().stream().anyMatch(name -> name.endsWith(".svg")));
        for (Map.Entry<String, byte[]> file : files.entrySet()) {
            if (file.getKey().endsWith(".pdf")) {
                assertTrue(markdown.contains(file.getKey().replace(".pdf", ".svg")), file.getKey());
                try (PDDocument picture = Loader.loadPDF(file.getValue())) {
                    assertEquals(1, picture.getNumberOfPages());
                }
            }
        }
    }

    @Test
    void itHoldsTheAnswersSoNoStudentHasIt() {
        assertEquals(403, client.get("/api/exchange/items-text.zip?skill=mean").status());
        assertEquals(
                400,
                instructor
                        .get("/api/exchange/items-text.zip?skill=mean&count=51")
                        .status());
    }
}
