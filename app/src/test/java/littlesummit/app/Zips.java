package littlesummit.app;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Zips made by the tests. */
public final class Zips {
    private Zips() {}

    public static byte[] of(Map<String, String> files) {
        Map<String, byte[]> bytes = new LinkedHashMap<>();
        files.forEach((name, text) -> bytes.put(name, text.getBytes(StandardCharsets.UTF_8)));
        return ofBytes(bytes);
    }

    public static byte[] ofBytes(Map<String, byte[]> files) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
                zip.closeEntry();
            }
        } catch (IOException bug) {
            throw new UncheckedIOException(bug);
        }
        return bytes.toByteArray();
    }
}
