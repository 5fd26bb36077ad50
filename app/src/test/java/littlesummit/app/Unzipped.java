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
        Map<String, String> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
            return files;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
