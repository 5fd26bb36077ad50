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
public record Folder(ZipOutputStream zip, String path) {
    public Folder folder(String name) {
        return new Folder(zip, path + name + "/");
    }

    public void text(String name, String text) throws IOException {
        bytes(name, text.getBytes(StandardCharsets.UTF_8));
    }

    /** A file of lines that are written one by one; none where there is no line. */
    public interface Lines {
        void to(Line line) throws IOException;
    }

    /** Takes a line without its end. */
    public interface Line {
        void write(byte[] line) throws IOException;
    }

    public void lines(String name, Lines lines) throws IOException {
        zip.putNextEntry(new ZipEntry(path + name));
        lines.to(line -> {
            zip.write(line);
            zip.write('\n');
        });
        zip.closeEntry();
    }

    void bytes(String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(path + name));
        zip.write(content);
        zip.closeEntry();
    }
}
