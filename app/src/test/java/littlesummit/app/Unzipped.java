package littlesummit.app;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/** What is in a zip. */
public final class Unzipped {
    private Unzipped() {}

    /** Texts by name, in the order of the zip. */
    public static Map<String, String> texts(byte[] zip) {
        Map<String, String> texts = new LinkedHashMap<>();
        of(zip).forEach((name, content) -> texts.put(name, new String(content, StandardCharsets.UTF_8)));
        return texts;
    }

    /** Files by name, in the order of the zip. */
    public static Map<String, byte[]> of(byte[] zip) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
            return files;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
