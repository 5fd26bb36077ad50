package littlesummit.app.exchange.archive;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * A folder of a zip that is being written.
 *
 * @param path with a slash at its end; empty for the zip itself
 */
record Folder(ZipOutputStream zip, String path) {
    Folder folder(String name) {
        return new Folder(zip, path + name + "/");
    }

    void text(String name, String text) throws IOException {
        bytes(name, text.getBytes(StandardCharsets.UTF_8));
    }

    void bytes(String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(path + name));
        zip.write(content);
        zip.closeEntry();
    }
}
